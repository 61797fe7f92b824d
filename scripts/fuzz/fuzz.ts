import fc from 'fast-check'
import type { Description, KnownIds } from './described.ts'
import { requestsOf, type FuzzRequest } from './requests.ts'
import { send, type Answered } from './send.ts'

export interface FuzzResult {
  readonly sent: number
  readonly byStatus: Readonly<Record<string, number>>
  /** What must not be: its kind, the request, and what was answered. */
  readonly faults: readonly string[]
  readonly slowestMs: number
}

interface FuzzOptions {
  readonly count: number
  readonly seed: number
  /** At once. */
  readonly workers: number
  /** What takes longer hangs [ms]. */
  readonly hangsFromMs?: number
}

/** No answer takes longer on a machine that does nothing else [ms]. */
const usualHang = 1000
/** No answer to a bad request is longer [character]. */
const longestProblem = 20_000
/** Words of the inside: of the database, of the program's files, of its faults. */
const inside =
  /\b(ER_[A-Z_]+|SQLSTATE|ECONNREFUSED|drizzle|mysql2?|node_modules|TypeError|RangeError)\b|\.ts:\d+|\bselect [`\w]+ from\b|insert into `/i

const short = ({ method, path, body }: FuzzRequest): string =>
  `${method} ${path.slice(0, 160)} ${typeof body === 'string' ? body.slice(0, 400) : ''}`

/** What is wrong with an answer; undefined where nothing is. */
export function faultOf(
  { status, type, body, ms }: Answered,
  hangsFromMs = usualHang,
): string | undefined {
  if (status >= 500) return `answered ${status}`
  if (ms > hangsFromMs) return `took ${Math.round(ms)} ms`
  if (status < 400) return undefined
  if (!type.startsWith('application/problem+json')) return `an error as ${type}`
  if (body.length > longestProblem) return `an error of ${body.length} characters`
  return inside.test(body) ? 'told of the inside' : undefined
}

/** Ids that the estate holds, by what they are called in paths. */
async function idsOf(url: string): Promise<KnownIds> {
  const get = async (path: string): Promise<unknown> => (await fetch(`${url}/api${path}`)).json()
  type Row = Readonly<Record<string, unknown>> & { readonly id: string }
  const places = (await get('/places')) as readonly Row[]
  const placeId = places.map(({ id }) => id)
  const [first = ''] = placeId
  const stands = (await get(`/places/${first}/stands`)) as readonly Row[]
  const products = (await get(`/places/${first}/products`)) as readonly Row[]
  const sprayers = (await get(`/places/${first}/sprayers`)) as readonly Row[]
  const stories = await Promise.all(
    stands.map(async ({ id }) => (await get(`/stands/${id}`)) as Readonly<Record<string, unknown>>),
  )
  const of = (name: string): string[] =>
    stories.flatMap((story) => {
      const rows = story[name]
      return Array.isArray(rows) ? (rows as readonly Row[]).map(({ id }) => id) : []
    })
  return {
    placeId,
    standId: stands.map(({ id }) => id),
    productId: products.map(({ id }) => id),
    sprayerId: sprayers.map(({ id }) => id),
    caseId: of('cases'),
    jobId: of('jobs').slice(0, 200),
    entryId: of('entries'),
    photoId: of('photos'),
    trialId: of('trials'),
    remedyId: of('remedies'),
  }
}

/** Meant well by chance, it asks for sign-in from then on: nothing after it would get through the door. */
const endsIt: ReadonlySet<string> = new Set(['/api/me/sign-in-asked'])

/** Sends so many requests of every kind and judges every answer. */
export async function fuzz(
  url: string,
  { count, seed, workers, hangsFromMs }: FuzzOptions,
): Promise<FuzzResult> {
  const described = (await (await fetch(`${url}/api/openapi.json`)).json()) as Description
  const paths = Object.entries(described.paths).filter(([path]) => !endsIt.has(path))
  const description = { ...described, paths: Object.fromEntries(paths) }
  const ids = await idsOf(url)
  const requests = fc.sample(requestsOf(description, ids), {
    numRuns: Math.min(count, 20_000),
    seed,
  })
  const byStatus: Record<string, number> = {}
  const faults: string[] = []
  let [next, slowestMs] = [0, 0]
  const work = async (): Promise<void> => {
    for (let index = next++; index < count; index = next++) {
      const request = requests[index % requests.length]
      if (!request) return
      try {
        const answered = await send(url, request)
        byStatus[answered.status] = (byStatus[answered.status] ?? 0) + 1
        slowestMs = Math.max(slowestMs, answered.ms)
        const fault = faultOf(answered, hangsFromMs)
        if (fault !== undefined)
          faults.push(`${fault}: ${short(request)} → ${answered.body.slice(0, 300)}`)
      } catch (error) {
        faults.push(`no answer (${error instanceof Error ? error.message : ''}): ${short(request)}`)
      }
    }
  }
  await Promise.all(Array.from({ length: workers }, work))
  return { sent: count, byStatus, faults, slowestMs }
}
