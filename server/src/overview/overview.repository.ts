import { and, asc, count, eq, inArray, isNull, ne, or, sql } from 'drizzle-orm'
import { holds } from '../access/membership.repository.ts'
import type { Connection } from '../database/connect.ts'
import { chlorosisCase, membership, place, placeState, stand } from '../database/schema.ts'
import type { KeptState } from '../database/schema/people.ts'

export type { KeptState }

/** Notes that something changed at a place: how it stands is counted anew before it is told. */
export async function noteChange(connection: Connection, placeId: string): Promise<void> {
  const again = { changes: sql`${placeState.changes} + 1` }
  await connection
    .insert(placeState)
    .values({ placeId, changes: 1 })
    .onDuplicateKeyUpdate({ set: again })
}

interface Asking {
  readonly personId: string
  readonly day: string
}

/** The places of a person that are worked at. */
const placesOf = ({ personId, day }: Asking) =>
  and(eq(membership.personId, personId), holds(day), eq(place.isArchived, false))

/** Places of a person whose state was never counted, or not since something changed there. */
export const selectStale = (connection: Connection, asking: Asking) =>
  connection
    .select({ placeId: place.id, changes: placeState.changes })
    .from(membership)
    .innerJoin(place, eq(place.id, membership.placeId))
    .leftJoin(placeState, eq(placeState.placeId, place.id))
    .where(
      and(
        placesOf(asking),
        or(isNull(placeState.countedAt), ne(placeState.countedAt, placeState.changes)),
      ),
    )

export async function countPlaces(connection: Connection, asking: Asking): Promise<number> {
  const [row] = await connection
    .select({ total: count() })
    .from(membership)
    .innerJoin(place, eq(place.id, membership.placeId))
    .where(placesOf(asking))
  return row?.total ?? 0
}

/** A page of the places of a person, the palest first, those without a colour last. */
export async function selectPlacePage(
  connection: Connection,
  asking: Asking,
  { offset, limit }: { readonly offset: number; readonly limit: number },
) {
  // First which: to sort the states themselves would carry them about.
  const ids = await connection
    .select({ id: place.id })
    .from(membership)
    .innerJoin(place, eq(place.id, membership.placeId))
    .leftJoin(placeState, eq(placeState.placeId, place.id))
    .where(placesOf(asking))
    .orderBy(
      sql`${placeState.greenness} is null`,
      asc(placeState.greenness),
      asc(place.name),
      asc(place.id),
    )
    .limit(limit)
    .offset(offset)
  if (ids.length === 0) return []
  const rows = await connection
    .select({ id: place.id, name: place.name, role: membership.role, state: placeState.state })
    .from(place)
    .innerJoin(
      membership,
      and(eq(membership.placeId, place.id), eq(membership.personId, asking.personId)),
    )
    .leftJoin(placeState, eq(placeState.placeId, place.id))
    .where(
      inArray(
        place.id,
        ids.map(({ id }) => id),
      ),
    )
  const byId = new Map(rows.map((row) => [row.id, row]))
  return ids.flatMap(({ id }) => byId.get(id) ?? [])
}

/** Keeps what was counted, and as of which change. */
export async function keepState(
  connection: Connection,
  { placeId, changes }: { readonly placeId: string; readonly changes: number | null },
  state: KeptState,
): Promise<void> {
  const kept = { countedAt: changes ?? 0, greenness: state.palest?.greenness ?? null, state }
  await connection
    .insert(placeState)
    .values({ placeId, changes: 0, ...kept })
    .onDuplicateKeyUpdate({ set: kept })
}

export async function countOpenCases(connection: Connection, placeId: string): Promise<number> {
  const [row] = await connection
    .select({ total: count() })
    .from(chlorosisCase)
    .innerJoin(stand, eq(stand.id, chlorosisCase.standId))
    .where(
      and(eq(stand.placeId, placeId), eq(stand.isArchived, false), isNull(chlorosisCase.closedOn)),
    )
  return row?.total ?? 0
}
