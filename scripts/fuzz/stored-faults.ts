import { caseRoutes } from '@spudder/contract/case'
import { entryRoutes } from '@spudder/contract/entry'
import { historyRoutes } from '@spudder/contract/history'
import { jarTestRoutes } from '@spudder/contract/jar-test'
import { jobRoutes } from '@spudder/contract/job'
import { photoRoutes } from '@spudder/contract/photo'
import { placeRoutes } from '@spudder/contract/place'
import { planningRoutes } from '@spudder/contract/planning'
import { productRoutes } from '@spudder/contract/shelf'
import { sprayerRoutes } from '@spudder/contract/sprayer'
import { estateRoutes, standRoutes } from '@spudder/contract/stand'
import { trialRoutes } from '@spudder/contract/trial'
import { checkDto } from '@spudder/contract/validation'
import { zoneRoutes } from '@spudder/contract/zone'
import type { Route } from '@spudder/contract/route'

const routes: readonly Route[] = [
  caseRoutes, entryRoutes, jarTestRoutes, jobRoutes, photoRoutes, placeRoutes, planningRoutes,
  productRoutes, sprayerRoutes, estateRoutes, standRoutes, trialRoutes, zoneRoutes,
].flatMap((each) => Object.values(each) as readonly Route[]) // prettier-ignore

/** Lists of a place that are asked with a query: what is put away and what was mended is read too. */
const asked: readonly { readonly route: Route; readonly query: string }[] = [
  { route: estateRoutes.stands, query: '?from=2025-01-01' },
  { route: estateRoutes.stands, query: '?from=2025-01-01&archived=true' },
  { route: historyRoutes.page, query: '?limit=500' },
]
const readers = routes.filter(({ method, path, answers, query }) => {
  const names = [...path.matchAll(/:(\w+)/g)].map(([, name]) => name)
  const isRead = method === 'get' && answers.dto !== undefined && query === undefined
  return isRead && names.every((name) => name === 'placeId' || name === 'standId')
})

/** Reads back whatever is stored, and checks it against the classes that answers are made of. */
export async function storedFaults(
  url: string,
): Promise<{ readonly read: number; readonly faults: readonly string[] }> {
  const get = async (path: string): Promise<unknown> => {
    const response = await fetch(`${url}/api${path}`)
    if (!response.ok) throw new Error(`${path}: ${response.status}`)
    return response.json()
  }
  type Row = { readonly id: string }
  type Listed = { readonly stand: Row }
  const places = (await get('/places')) as readonly Row[]
  const faults: string[] = []
  let read = 0
  const check = async (
    { path, answers }: Route,
    of: Readonly<Record<string, string>>,
    query = '',
  ) => {
    const filled = path.replace(/:(\w+)/g, (_, name: string) => of[name] ?? '')
    const answer = await get(filled + query).catch((error: unknown) => {
      faults.push(`stored, not readable: ${String(error)}`)
      return undefined
    })
    const items = Array.isArray(answer) ? (answer as unknown[]) : [answer]
    for (const item of items) {
      if (item === undefined || !answers.dto) continue
      read += 1
      const checked = checkDto(answers.dto, item)
      // An answer may say more than its class asks for.
      const wrong = checked.ok
        ? []
        : checked.fields.filter(({ message }) => !message.endsWith('should not exist'))
      if (wrong.length > 0) {
        const words = wrong.slice(0, 3).map(({ field, message }) => `${field}: ${message}`)
        faults.push(`stored at ${path}: ${words.join('; ')}`)
      }
    }
  }
  for (const { id: placeId } of places) {
    const list = `/places/${placeId}/estate/stands?from=2025-01-01&archived=`
    const stands = [
      ...((await get(`${list}false`)) as readonly Listed[]),
      ...((await get(`${list}true`)) as readonly Listed[]),
    ].map(({ stand }) => stand)
    for (const { route, query } of asked) await check(route, { placeId }, query)
    for (const route of readers) {
      const ofStand = route.path.includes(':standId')
      const ofPlace = route.path.includes(':placeId')
      if (!ofStand && !ofPlace) continue
      for (const standId of ofStand ? stands.map(({ id }) => id) : ['']) {
        await check(route, { placeId, standId })
      }
    }
  }
  return { read, faults }
}
