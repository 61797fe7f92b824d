import type { NoticeDto } from '@spudder/contract/notice'
import type { Pushed } from '@spudder/contract/push'
import { describe, expect, it } from 'vitest'
import type { Connection } from '../database/connect.ts'
import { deviceWay } from './device-way.ts'

const of = { kind: 'overdue', standId: 'paddock', jobId: 'job', productId: null } as const
const overdue = (id: string): NoticeDto => ({ ...of, id, words: `Paddock: spray ${id}.` })

/** What a device shows of some notices. */
async function shown(notices: readonly NoticeDto[]): Promise<Pushed | undefined> {
  let last: Pushed | undefined
  const subscription = { id: 'phone', personId: 'piet', sessionId: null, device: 'Phone', endpoint: 'https://push.example/a', mark: '', p256dh: '', auth: '', kinds: [], createdAt: new Date() } // prettier-ignore
  const pusher = {
    publicKey: '',
    mayCall: () => true,
    close: () => undefined,
    send: (_to: unknown, pushed: Pushed) => {
      last = pushed
      return Promise.resolve('taken' as const)
    },
  }
  await deviceWay({} as Connection, pusher, subscription).tellOfPlace('Vennlow', notices)
  return last
}

describe('a device shows', () => {
  it('one thing, and opens where it is dealt with', async () => {
    expect(await shown([overdue('1')])).toEqual({
      title: 'Vennlow',
      words: 'Paddock: spray 1.',
      path: '/stands/paddock/jobs',
    })
  })

  it('the first of many, how many more there are, and opens the estate', async () => {
    const seven = ['1', '2', '3', '4', '5', '6', '7'].map(overdue)
    const pushed = await shown(seven)
    expect(pushed?.words.split('\n')).toHaveLength(6)
    expect(pushed?.words.split('\n').at(-1)).toBe('and 2 more')
    expect(pushed?.path).toBe('/')
  })
})
