import { ownCaches } from '../cache-names.ts'
import { keptAtHeader } from '../../api/kept-at-header.ts'

/** So long an answer is waited for where one was kept: one bar of signal is worse than none [ms]. */
const patienceMs = 8000

/** A kept answer that says when it was given. */
function marked(kept: Response): Response {
  const headers = new Headers(kept.headers)
  headers.set(keptAtHeader, kept.headers.get('date') ?? '')
  return new Response(kept.body, { status: kept.status, headers })
}

/**
 * An answer of the server; where there is no signal, the one that was taken along, which says so. With a signal
 * everything comes from the server, and what was taken along is as new as what came last.
 * @throws {TypeError} where there is neither
 */
export async function answered(request: Request): Promise<Response> {
  const cache = await caches.open(ownCaches.answers)
  const kept = await cache.match(request, { ignoreVary: true })
  const fresh = fetch(request).then(async (answer) => {
    if (kept && answer.ok) await cache.put(request, answer.clone())
    return answer
  })
  if (!kept) return fresh
  const patience = new Promise<undefined>((resolve) => setTimeout(resolve, patienceMs, undefined))
  const soon = await Promise.race([fresh.catch(() => undefined), patience])
  return soon ?? marked(kept)
}
