import { randomUUID } from 'node:crypto'
import type { Database } from '../server/src/database/connect.ts'
import { place, stand } from '../server/src/database/schema.ts'

/** By whom and when rows of a bench were stored. */
export const recorded = { createdBy: 'bench', createdAt: new Date() }

/** Stores a place with stands that are all alike, past the API. */
export async function placeOfStands(db: Database, name: string, count: number) {
  const placeId = randomUUID()
  await db
    .insert(place)
    .values({ id: placeId, name, unitSystem: 'us', climate: 'temperate', ...recorded })
  const stands = Array.from({ length: count }, (_, position) => ({
    id: randomUUID(),
    placeId,
    position,
    name: `Stand ${position + 1}`,
    context: 'turf' as const,
    plantId: 'bermudagrass',
    size: { kind: 'area', areaM2: 900 } as const,
    note: '',
    ...recorded,
  }))
  await db.insert(stand).values(stands)
  return { placeId, stands }
}
