import { customType, date, datetime, varchar } from 'drizzle-orm/mysql-core'

/** An id as its sender made it. */
export const id = (name = 'id') => varchar(name, { length: 36 })
/** A day of the calendar, without a time zone. */
export const day = (name: string) => date(name, { mode: 'string' })
/** Bytes up to 16 MB. */
export const bytes = customType<{ data: Buffer }>({ dataType: () => 'mediumblob' })

/** Who stored a row and when; on every table whose rows never change. */
export const recorded = () => ({
  createdBy: varchar('created_by', { length: 80 }).notNull(),
  createdAt: datetime('created_at', { mode: 'date', fsp: 3 }).notNull(),
})

/** Who stored a row and who changed it last, and when; on every table whose rows may change. */
export const changeable = () => ({
  changedBy: varchar('changed_by', { length: 80 }),
  changedAt: datetime('changed_at', { mode: 'date', fsp: 3 }),
  ...recorded(),
})
