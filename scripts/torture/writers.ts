import { randomUUID } from 'node:crypto'

/** What was acknowledged: it must be there, once and whole. */
export interface Acknowledged {
  readonly readings: Set<string>
  /** Files of a laboratory, with how many readings each brought. */
  readonly imports: Map<string, number>
}

export const nothingYet = (): Acknowledged => ({
  readings: new Set(),
  imports: new Map(),
})

export interface Ground {
  readonly placeId: string
  readonly standId: string
}

/** Whoever watches the writers. */
interface Watched {
  readonly waited: (milliseconds: number) => void
  /** What a person would have seen as an error. */
  readonly failed: (words: string) => void
}
export const unwatched: Watched = { waited: () => undefined, failed: () => undefined }

async function post(
  url: string,
  path: string,
  body: object,
  { waited, failed }: Watched = unwatched,
): Promise<boolean> {
  const begun = Date.now()
  const response = await fetch(`${url}/api${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
  const answer = await response.text()
  waited(Date.now() - begun)
  if (response.status !== 201) failed(`${response.status} ${answer}`)
  return response.status === 201
}

async function must(url: string, path: string, body: object): Promise<void> {
  if (!(await post(url, path, body))) throw new Error(`${path} was refused`)
}

/** A place with a stand. */
export async function makeGround(url: string): Promise<Ground> {
  const [placeId, standId] = [randomUUID(), randomUUID()]
  await must(url, '/places', {
    id: placeId,
    name: 'Torture',
    unitSystem: 'us',
    climate: 'temperate',
  })
  await must(url, `/places/${placeId}/stands`, {
    id: standId,
    name: 'Lawn',
    context: 'turf',
    plantId: 'bermudagrass',
    size: { kind: 'area', areaM2: 1000 },
  })
  return { placeId, standId }
}

const dayOf = (number: number) => `2025-0${1 + (number % 9)}-1${number % 9}`
const inFile = 25

function importOf({ standId }: Ground, id: string) {
  const lines = Array.from({ length: inFile }, (_, at) => `${dayOf(at)},Lawn,${7 + at / 100}`)
  return {
    id,
    fileName: `${id}.csv`,
    csv: `Date,Sample,pH\n${lines.join('\n')}\n`,
    map: {
      laboratory: 'Downs',
      dayColumn: 'Date',
      dayOrder: 'ymd',
      sampleColumn: 'Sample',
      placeColumn: '',
      columns: [{ column: 'pH', kind: 'pH', unit: '' }],
      stands: { Lawn: standId },
    },
  }
}

/** Writes one thing after another until it is told to stop; what got no answer may be there or not. */
export async function write(
  url: string,
  ground: Ground,
  acknowledged: Acknowledged,
  { goesOn, ...watched }: { readonly goesOn: () => boolean } & Watched,
): Promise<void> {
  for (let number = 0; goesOn(); number += 1) {
    const id = randomUUID()
    try {
      if (number % 4 === 3) {
        if (
          await post(
            url,
            `/places/${ground.placeId}/laboratory-imports`,
            importOf(ground, id),
            watched,
          )
        ) {
          acknowledged.imports.set(id, inFile)
        }
      } else {
        const body = { id, kind: 'pH', value: 7.1, method: 'meter', takenOn: dayOf(number) }
        if (await post(url, `/stands/${ground.standId}/readings`, body, watched))
          acknowledged.readings.add(id)
      }
    } catch (error) {
      watched.failed(String(error))
      // The plug is out.
      await new Promise((resolve) => setTimeout(resolve, 20))
    }
  }
}

/** What is there of what was acknowledged. */
export interface Found {
  readonly lost: number
  readonly doubled: number
  /** Files that are there in part, or whose readings are there without them. */
  readonly half: number
}

/** Counts what is there. @param rows all readings of the stand, as the server answers them */
export function compare(
  acknowledged: Acknowledged,
  rows: readonly { readonly id: string; readonly note: string }[],
): Found {
  const byId = new Map<string, number>()
  const byFile = new Map<string, number>()
  for (const { id, note } of rows) {
    byId.set(id, (byId.get(id) ?? 0) + 1)
    const [file = ''] = note.split('.csv')
    if (note.includes('.csv')) byFile.set(file, (byFile.get(file) ?? 0) + 1)
  }
  const lostReadings = [...acknowledged.readings].filter((id) => !byId.has(id)).length
  const lostFiles = [...acknowledged.imports.keys()].filter((id) => !byFile.has(id)).length
  const counts = [...byFile.values()]
  return {
    lost: lostReadings + lostFiles,
    doubled:
      [...byId.values()].filter((times) => times > 1).length +
      counts.filter((n) => n > inFile).length,
    half: counts.filter((count) => count < inFile).length,
  }
}
