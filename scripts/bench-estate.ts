import 'reflect-metadata'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import type { EstatePageDto } from '@spudder/contract/stand'
import { randomUUID } from 'node:crypto'
import { openDatabase, type Database } from '../server/src/database/connect.ts'
import { reading } from '../server/src/database/schema.ts'
import { median } from './bench-core.ts'
import { placeOfStands, recorded } from './bench-place.ts'
import type { PrivateMariaDb } from './mariadb.ts'

const years = 5
const weeks = years * 52

/** A place with a number of stands and a colour reading of each in every week of five years. */
async function fillPlace(db: Database, stands: number): Promise<string> {
  const today = dateToDay(new Date())
  const made = await placeOfStands(db, `${stands} stands`, stands)
  const ids = made.stands.map(({ id }) => id)
  for (let first = 0; first < ids.length; first += 20) {
    const rows = ids.slice(first, first + 20).flatMap((standId, index) =>
      Array.from({ length: weeks }, (_, week) => ({
        id: randomUUID(),
        standId,
        kind: 'turfColour' as const,
        value: 6 + 2 * Math.sin((week + first + index) / 9),
        method: 'eye' as const,
        came: { how: 'typed' } as const,
        takenOn: addDays(today, -7 * week),
        note: '',
        ...recorded,
      })),
    )
    await db.insert(reading).values(rows)
  }
  return made.placeId
}

/** Makes the places of the bench; gives their ids by number of stands. */
export async function fillPlaces(
  { port, password }: PrivateMariaDb,
  sizes: readonly number[],
): Promise<ReadonlyMap<number, string>> {
  const { db, close } = await openDatabase({ port, user: 'spudder', password, database: 'spudder' })
  const ids = new Map<number, string>()
  for (const size of sizes) ids.set(size, await fillPlace(db, size))
  await close()
  return ids
}

async function readPage(url: string, placeId: string, offset: number): Promise<EstatePageDto> {
  const from = addDays(dateToDay(new Date()), -365 * years - 40)
  const response = await fetch(
    `${url}/api/places/${placeId}/estate?from=${from}&offset=${offset}&limit=40`,
  )
  return (await response.json()) as EstatePageDto
}

/** Time of the first page, and of all pages one after another [ms]. */
export async function queryMs(url: string, placeId: string, stands: number) {
  const timed = async (run: () => Promise<unknown>) => {
    const start = performance.now()
    await run()
    return performance.now() - start
  }
  const readFirst = () => readPage(url, placeId, 0)
  const readAll = async () => {
    for (let offset = 0; offset < stands; offset += 40) await readPage(url, placeId, offset)
  }
  await readFirst()
  const first: number[] = []
  for (let i = 0; i < 7; i += 1) first.push(await timed(readFirst))
  return { first: median(first), all: await timed(readAll) }
}
