import type { Route } from '@spudder/contract/route'
import { ApiProblem, isWorthAnother } from '../api/api-problem.ts'
import { call, type AskedOf } from '../api/call.ts'
import type { Refusal, Sending } from './outbox-rules.ts'
import { fileOf, outboxStore } from './outbox-store.ts'
import type { Outgoing } from './outgoing.ts'
import { outdoorRoutes } from './outdoor-routes.ts'

async function send(item: Outgoing): Promise<unknown> {
  const file = await fileOf(item)
  const asked = { ...item.asked, ...(file ? { dto: file } : {}) }
  const route: Route = outdoorRoutes[item.name]
  return call(route, asked as AskedOf<Route>, item.changeId)
}

/** What stands against it, for who is not at its form: no field is marked there. */
function wordsOf(error: unknown): string {
  if (!(error instanceof ApiProblem)) return error instanceof Error ? error.message : String(error)
  if (error.code === 'unreachable') return 'No connection.'
  return error.fields.length > 0
    ? error.fields.map(({ message }) => message).join(' ')
    : error.message
}

function refusalOf(error: unknown): Refusal {
  const words = wordsOf(error)
  const version = error instanceof ApiProblem ? error.version : undefined
  return { words, ...(version === undefined ? {} : { version }) }
}

/** What has to be stored before it: whatever it names in its address. */
export function needs({ asked }: Outgoing): string[] {
  const { dto: _, query, ...params } = asked
  const { entryId } = (query ?? {}) as { readonly entryId?: string }
  return [...Object.values(params).map(String), ...(entryId === undefined ? [] : [entryId])]
}

const seenIn = ({ asked }: Outgoing): number | undefined =>
  (asked.dto as { readonly version?: number } | undefined)?.version

/** One's own later change of the same thing was made knowing this one. */
function after(later: Outgoing, stored: Outgoing, answer: unknown): Outgoing {
  const { version } = (answer ?? {}) as { readonly version?: unknown }
  const seen = seenIn(later)
  const isSame = later.name === stored.name && String(needs(later)) === String(needs(stored))
  if (!isSame || seen === undefined || seen !== seenIn(stored) || typeof version !== 'number')
    return later
  return { ...later, asked: { ...later.asked, dto: { ...later.asked.dto, version } } }
}

/**
 * How changes of this device are sent.
 * @param failed is told what stood against each that was not stored
 */
export const sendingBy = (
  isOwn: (item: Outgoing) => boolean,
  failed: (item: Outgoing, error: unknown) => void,
): Sending<Outgoing> => ({
  store: outboxStore,
  send: (item) =>
    send(item).catch((error: unknown) => {
      failed(item, error)
      throw error
    }),
  isWorthAnother,
  refusalOf,
  isOwn,
  needs,
  after,
  now: () => Date.now(),
  random: () => Math.random(),
})
