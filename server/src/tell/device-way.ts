import type { NoticeDto } from '@spudder/contract/notice'
import type { Pushed } from '@spudder/contract/push'
import { lineStart } from '@spudder/core/base/writing'
import type { Connection } from '../database/connect.ts'
import { deleteSubscription, type SubscriptionRow } from '../push/push.repository.ts'
import type { Pusher } from '../push/pusher.ts'
import { actWords, type Way } from './way.ts'

/** More lines no device shows; the bell has them all. */
const mostLines = 5

function linesOf(notices: readonly NoticeDto[]): string {
  const shown = notices.slice(0, mostLines).map(({ words }) => words)
  const rest = notices.length - shown.length
  return [...shown, ...(rest > 0 ? [`and ${rest} more`] : [])].join('\n')
}

/** Where one thing is dealt with; of several, the estate, whose bell has them. */
function pathOf(notices: readonly NoticeDto[]): string {
  const [first] = notices
  const isOne = notices.length === 1 && first
  return isOne && first.standId !== null ? `/stands/${first.standId}/jobs` : '/'
}

/** Tells somebody on a device. One that is gone for good is told nothing more, without a word. */
export function deviceWay(
  connection: Connection,
  pusher: Pusher,
  subscription: SubscriptionRow,
): Way {
  async function push(pushed: Pushed): Promise<boolean> {
    const outcome = await pusher.send(subscription, pushed)
    if (outcome === 'gone')
      await deleteSubscription(connection, subscription.personId, subscription.id)
    // What a service refuses for good is not asked of it again.
    return outcome !== 'away'
  }
  return {
    claim: `${subscription.id} `,
    kinds: subscription.kinds,
    actsSince: subscription.createdAt,
    tellOfPlace: (placeName, notices) =>
      push({ title: placeName, words: linesOf(notices), path: pathOf(notices) }),
    tellOfAct: (told) => {
      const { device, address } = told.act
      const words = `${lineStart(actWords(told))}, on ${device}, from ${address}. If that was not you: sign that device out.`
      return push({ title: 'Spudder', words, path: '/account' })
    },
  }
}
