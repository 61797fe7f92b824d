import type { FileLine } from '@spudder/core/seen/reading'
import {
  boolean,
  customType,
  date,
  datetime,
  foreignKey,
  int,
  json,
  varchar,
  type AnyMySqlColumn,
} from 'drizzle-orm/mysql-core'

/** An id as its sender made it. */
export const id = (name = 'id') => varchar(name, { length: 36 })
/** A moment, to the millisecond, in universal time. */
export const moment = (name: string) => datetime(name, { mode: 'date', fsp: 3 })
/** What a secret is known again by: its SHA-256 in hex, so that nobody who reads the table has the secret. */
export const fingerprint = (name: string) => varchar(name, { length: 64 })
/**
 * A name out of a closed list: the list is the type of the column. MariaDB holds it as text, so that a
 * name more is no change of the table.
 * @throws {Error} a fault of ours: a name that the column is too short for
 */
export function oneOf<const Name extends string>(
  column: string,
  length: number,
  names: readonly Name[],
) {
  const tooLong = names.find((name) => name.length > length)
  if (tooLong) throw new Error(`${column}: ${tooLong} is longer than ${length}`)
  // Drizzle asks for a list that cannot be empty; ours are not, though some are made from records.
  return varchar(column, { length, enum: names as unknown as readonly [Name, ...Name[]] })
}

/** A day of the calendar, without a time zone. */
export const day = (name: string) => date(name, { mode: 'string' })
/** Bytes up to 16 MB. */
export const bytes = customType<{ data: Buffer }>({ dataType: () => 'mediumblob' })

/** The line of the file that a row came from; null where somebody typed it. */
export const imported = () => json('imported').$type<FileLine>()

/** Who stored a row and when; on every table whose rows never change. */
export const recorded = () => ({
  createdBy: varchar('created_by', { length: 80 }).notNull(),
  createdAt: datetime('created_at', { mode: 'date', fsp: 3 }).notNull(),
})

/**
 * Who stored a row and who changed it last, and when; on every table whose rows may change. The version
 * goes up by one with each change that a person made: who saw an older one is told.
 */
export const changeable = () => ({
  version: int('version').notNull().default(1),
  changedBy: varchar('changed_by', { length: 80 }),
  changedAt: datetime('changed_at', { mode: 'date', fsp: 3 }),
  ...recorded(),
})

/** As {@link changeable}, on tables whose rows can be struck out: they count no more, and stay. */
export const mendable = () => ({
  isStruck: boolean('is_struck').notNull().default(false),
  ...changeable(),
})

interface OfStand {
  readonly id: AnyMySqlColumn
  readonly standId: AnyMySqlColumn
}
/**
 * A foreign key by id and stand: a row cannot name what belongs to another stand, whatever was checked
 * before.
 */
export const ofOneStand = (
  name: string,
  { standId }: { readonly standId: AnyMySqlColumn },
  column: AnyMySqlColumn,
  other: OfStand,
) => foreignKey({ name, columns: [column, standId], foreignColumns: [other.id, other.standId] })
