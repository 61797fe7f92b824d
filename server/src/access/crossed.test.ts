import { roles, type Role } from '@spudder/contract/access'
import { drawFor } from '@spudder/sim/seeded'
import { beforeAll, expect, it } from 'vitest'
import { archiveTables, selectArchived } from '../archive/archive-tables.repository.ts'
import { clientOf, db, get } from '../tests/test-estate.ts'
import { peopleRoutes } from '../tests/people-routes.ts'
import {
  addressIn,
  makeOneOfEach,
  oneOfEach,
  ownIds,
  writingRoutes,
} from '../tests/writing-routes.ts'
import { describedRoutes, rightOf, type Described } from './tests/described.ts'

/** Requests in all; 50,000 by `SPUDDER_CROSSED=50000 npm test -- api server/src/access/crossed.test.ts`. */
const requests = Number(process.env['SPUDDER_CROSSED'] ?? 2000)

makeOneOfEach()

type Ids = Readonly<Record<string, string>>
type Client = Awaited<ReturnType<typeof clientOf>>
let theirs: Ids = {}
let routes: readonly Described[] = []
const clients: { readonly role: Role; readonly client: Client }[] = []
beforeAll(async () => {
  theirs = await oneOfEach()
  routes = (await describedRoutes()).filter((route) => rightOf(route) !== undefined)
  const placeId = ownIds()['placeId'] ?? ''
  for (const role of roles)
    clients.push({ role, client: await clientOf(`The ${role}`, placeId, role) })
})

/** All that is stored of the other place, as one text. */
async function everythingTheirs(): Promise<string> {
  const tables = await Promise.all(
    archiveTables.map(({ name }) => selectArchived(db, name, theirs['placeId'] ?? '')),
  )
  return JSON.stringify(tables)
}

const bodyOf = (path: string): object => {
  const known: Readonly<Record<string, { readonly body: () => object }>> = {
    ...writingRoutes,
    ...peopleRoutes,
  }
  return known[path]?.body() ?? {}
}

/** A draw of 0 to 1 that is the same at each run. */
const draw = (what: string, at: number) => drawFor(`${what} ${at}`)
const oneOf = <Thing>(list: readonly Thing[], what: string, at: number): Thing => {
  const thing = list[Math.floor(draw(what, at) * list.length)]
  if (thing === undefined) throw new Error(`nothing to draw for ${what}`)
  return thing
}

/** A text with ids of one's own in place of which some are the other place's. */
const crossed = (text: string, own: Ids, at: number): string =>
  Object.entries(own).reduce((said, [name, id]) => {
    const other = theirs[name]
    const isCrossed = other !== undefined && id.length > 30 && draw(`cross ${name}`, at) < 0.5
    return isCrossed ? said.replaceAll(id, other) : said
  }, text)

it(
  'gives nothing of another place to anybody, and changes nothing there, whatever ids are sent',
  async () => {
    const own = ownIds()
    const before = await everythingTheirs()
    // What would give the other place away: its ids and its names, which nobody of this one was told.
    const names = (await get<{ stand: { name: string } }>(`/stands/${theirs['standId']}`)).stand
      .name
    expect(before).toContain(names)
    const secrets = Object.values(theirs).filter((id) => id.length > 30)
    let refused = 0
    for (let at = 0; at < requests; at += 1) {
      const { role, client } = oneOf(clients, 'who', at)
      const { method, path } = oneOf(routes, 'where', at)
      // Half lead to the other place by their path, half carry its ids in what they send.
      const isByPath = draw('how', at) < 0.5
      const address = addressIn(isByPath ? theirs : own, path)
      const sent = crossed(JSON.stringify(bodyOf(path)), own, at)
      const asked = client[method](address)
      const answer =
        method === 'get'
          ? await asked
          : await asked.set('content-type', 'application/json').send(sent)
      const said = `${role} ${method} ${address} ${sent} → ${answer.status}`
      if (isByPath) {
        refused += 1
        expect(answer.status, said).toBe(404)
      }
      expect(answer.status, said).toBeLessThan(500)
      const text = answer.text ?? ''
      // What was sent comes back; what was not sent may not.
      const told = secrets.filter((id) => text.includes(id) && !sent.includes(id) && !address.includes(id)) // prettier-ignore
      expect(told, said).toEqual([])
    }
    expect(refused).toBeGreaterThan(requests / 3)
    expect(await everythingTheirs()).toBe(before)
  },
  240_000 + 60 * requests,
)
