import { asc, eq } from 'drizzle-orm'
import { changeRow, type Change } from '../change/change-row.ts'
import { heldRow } from '../database/hold.repository.ts'
import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { given, statement } from '../database/statement.ts'
import { sprayer } from '../database/schema.ts'

export type SprayerRow = typeof sprayer.$inferSelect

export const insertSprayer = (connection: Connection, row: SprayerRow) =>
  insertOnce(connection, sprayer, row)

const ofPlace = statement((connection) =>
  connection
    .select()
    .from(sprayer)
    .where(eq(sprayer.placeId, given('placeId')))
    .orderBy(asc(sprayer.name), asc(sprayer.id))
    .prepare(),
)

export const listSprayers = (connection: Connection, placeId: string): Promise<SprayerRow[]> =>
  ofPlace(connection, { placeId })

/** A sprayer, held until the transaction ends. */
export const lockSprayer = (connection: Connection, id: string): Promise<SprayerRow | undefined> =>
  heldRow(connection, sprayer, id)

export const keepSprayer = (connection: Connection, change: Change<SprayerRow>) =>
  changeRow(connection, sprayer, change)
