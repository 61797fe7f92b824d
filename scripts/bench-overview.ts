import { sql } from 'drizzle-orm'
import type { OverviewPageDto } from '@spudder/contract/overview'
import { makeOwner, newPerson } from '../server/src/access/make-owner.ts'
import { insertPerson, putMembership } from '../server/src/access/membership.repository.ts'
import { openDatabase, type Database } from '../server/src/database/connect.ts'
import { reading, stand } from '../server/src/database/schema.ts'
import { readOverview } from '../server/src/overview/overview.service.ts'
import { recorderAt } from '../server/src/recorder/recorder.ts'
import { median } from './bench-core.ts'
import { placeOfStands, recorded } from './bench-place.ts'
import type { PrivateMariaDb } from './mariadb.ts'

const standsOfPlace = 50
const recorder = recorderAt('bench', new Date())

/** Colours of five years, made by the database itself: rows sent one by one would take the afternoon. */
async function fillColours(db: Database, placeIds: readonly string[]): Promise<void> {
  for (const placeId of placeIds)
    await db.execute(sql`
      insert into ${reading} (id, stand_id, kind, value, method, came, taken_on, note, created_by, created_at)
      select uuid(), ${stand.id}, 'turfColour', 5 + 3 * sin(month.seq + ${stand.position}), 'eye', '{"how":"typed"}',
        current_date - interval 30 * month.seq day, '', 'bench', now()
      from ${stand} cross join seq_0_to_59 as month where ${stand.placeId} = ${placeId}`)
}

/** Places with their stands, and colours of five years. */
async function fill(db: Database, count: number): Promise<readonly string[]> {
  const ids: string[] = []
  for (let at = 0; at < count; at += 1)
    ids.push((await placeOfStands(db, `Place ${at}`, standsOfPlace)).placeId)
  await fillColours(db, ids)
  return ids
}

async function personAt(db: Database, places: readonly string[]): Promise<string> {
  const person = newPerson(recorder, 'bench')
  await insertPerson(db, person)
  for (const placeId of places)
    await putMembership(db, { personId: person.id, placeId, role: 'manager', untilDay: null, ...recorded }) // prettier-ignore
  return person.id
}

/** How long the first page of the overview takes [ms]. */
export interface OverviewTimes {
  readonly one: number
  /** For who has one place, once there are many of others. */
  readonly oneAmongMany: number
  readonly few: number
  readonly many: number
}

/** Times the first page for who has one place, ten, and as many as are given. */
export async function overviewMs(
  { port, password }: PrivateMariaDb,
  many: number,
): Promise<OverviewTimes> {
  const { db, close } = await openDatabase({ port, user: 'spudder', password, database: 'spudder' })
  await makeOwner(db, 'bench')
  const timed = async (personId: string): Promise<number> => {
    const read = (): Promise<OverviewPageDto> =>
      readOverview(db, { personId, at: new Date() }, { offset: 0, limit: 20 })
    // What was never counted is counted once.
    await read()
    const times: number[] = []
    for (let i = 0; i < 25; i += 1) {
      const start = performance.now()
      await read()
      times.push(performance.now() - start)
    }
    return median(times)
  }
  const few = await fill(db, 10)
  const ofOne = await personAt(db, few.slice(0, 1))
  const one = await timed(ofOne)
  const ofFew = await personAt(db, few)
  const fewMs = await timed(ofFew)
  const all = [...few, ...(await fill(db, many - few.length))]
  const manyMs = await timed(await personAt(db, all))
  const oneAmongMany = await timed(ofOne)
  await close()
  return { one, oneAmongMany, few: fewMs, many: manyMs }
}
