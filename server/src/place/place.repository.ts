import { and, asc, eq, getTableColumns } from 'drizzle-orm'
import { holds } from '../access/membership.repository.ts'
import { changeRow, type Change } from '../change/change-row.ts'
import { heldRow } from '../database/hold.repository.ts'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { insertOnce } from '../database/insert-once.ts'
import { given, statement } from '../database/statement.ts'
import { membership, place } from '../database/schema.ts'

export type PlaceRow = typeof place.$inferSelect

export const insertPlace = (connection: Connection, row: PlaceRow) =>
  insertOnce(connection, place, row)

export const listPlaces = (connection: Connection): Promise<PlaceRow[]> =>
  connection
    .select()
    .from(place)
    .orderBy(asc(inOrder(place)))

/** The places where a person is something on a day. */
export const listPlacesOf = (
  connection: Connection,
  personId: string,
  day: string,
): Promise<PlaceRow[]> =>
  connection
    .select(getTableColumns(place))
    .from(place)
    .innerJoin(membership, eq(membership.placeId, place.id))
    .where(and(eq(membership.personId, personId), holds(day)))
    .orderBy(asc(inOrder(place)))

/** The place whose calendar is subscribed to by an address. */
export async function selectPlaceByCalendar(
  connection: Connection,
  token: string,
): Promise<PlaceRow | undefined> {
  const [row] = await connection.select().from(place).where(eq(place.calendarToken, token))
  return row
}

export const keepPlace = (connection: Connection, change: Change<PlaceRow>) =>
  changeRow(connection, place, change)

/** As {@link selectPlace}, held until the transaction ends. */
export const lockPlace = (connection: Connection, id: string): Promise<PlaceRow | undefined> =>
  heldRow(connection, place, id)

const placeById = statement((connection) =>
  connection
    .select()
    .from(place)
    .where(eq(place.id, given('id')))
    .limit(1)
    .prepare(),
)

export async function selectPlace(
  connection: Connection,
  id: string,
): Promise<PlaceRow | undefined> {
  const [row] = await placeById(connection, { id })
  return row
}
