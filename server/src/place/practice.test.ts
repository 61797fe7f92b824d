import { addDays, dateToDay } from '@spudder/core/base/calendar'
import { expect, it } from 'vitest'
import {
  api,
  entryBody,
  get,
  post,
  practiseAt,
  productBody,
  standWithRemedy,
} from '../tests/test-estate.ts'

const today = dateToDay(new Date())
/** What a list or a table is asked with, where it is asked with anything. */
const query = `day=${today}&season=${today.slice(0, 4)}&from=${addDays(today, -20)}&to=${addDays(today, 20)}&offset=0&limit=40&in=sample&text=fe&archived=false`

interface Described {
  readonly paths: Readonly<
    Record<string, { readonly get?: { readonly parameters?: readonly { name: string; in: string }[] } }> // prettier-ignore
  >
}

/** Everything that a place and its stand are told by: each address that reads, with its answer. */
async function everythingOf(placeId: string, standId: string) {
  const { paths } = await get<Described>('/openapi.json')
  const told: { readonly path: string; readonly status: number; readonly text: string }[] = []
  for (const [path, { get: reads }] of Object.entries(paths)) {
    const names = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => name)
    if (!reads || !names.every((name) => name === 'placeId' || name === 'standId')) continue
    const filled = path.replace('{placeId}', placeId).replace('{standId}', standId)
    const asked = (reads.parameters ?? []).filter((each) => each.in === 'query')
    const wanted = query.split('&').filter((each) => asked.some(({ name }) => each.startsWith(`${name}=`))) // prettier-ignore
    const answer = await api.get(`/api${filled.replace(/^\/api/, '')}?${wanted.join('&')}`)
    told.push({ path, status: answer.status, text: answer.text })
  }
  return told
}

it('nothing that was made up is met in a place of people’s own, until it is switched on', async () => {
  const { stand, applyJobId } = await standWithRemedy()
  await post(`/places/${stand.placeId}/products`, productBody())
  await post(`/jobs/${applyJobId}/entries`, { ...entryBody(), happenedOn: addDays(today, -2) })
  const told = await everythingOf(stand.placeId, stand.id)
  expect(told.length).toBeGreaterThan(12)
  const off = told.filter(({ status }) => status === 409).map(({ path }) => path)
  expect(off.map((path) => path.replace(/^.*standId\}/, '')).toSorted()).toEqual(['/leaf-meter', '/meter']) // prettier-ignore
  for (const { path, status, text } of told) {
    expect([200, 409], path).toContain(status)
    if (status === 200) expect(text, path).not.toMatch(/simulated/i)
  }
  await practiseAt(stand.placeId)
  const practised = await everythingOf(stand.placeId, stand.id)
  const marked = practised.filter(({ text }) => /simulated/i.test(text)).map(({ path }) => path)
  // Each says of itself that it is made up: weather by day and hour, the outlook, the two meters.
  expect(marked).toHaveLength(5)
  expect(practised.every(({ status }) => status === 200)).toBe(true)
})
