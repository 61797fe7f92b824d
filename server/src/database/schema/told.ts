import type { NoticeKind } from '@spudder/core/days/notice'
import { index, json, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core'
import { fingerprint, id, moment } from '../columns.ts'
import { person, session } from './people.ts'

/** A device that is told things by web push. */
export const pushSubscription = mysqlTable(
  'push_subscription',
  {
    id: id().primaryKey(),
    personId: id('person_id')
      .notNull()
      .references(() => person.id),
    /** The sign-in that it was asked for in, and ends with; null for who works alone. */
    sessionId: id('session_id').references(() => session.id),
    device: varchar('device', { length: 120 }).notNull(),
    endpoint: varchar('endpoint', { length: 1000 }).notNull(),
    /** The endpoint’s, so that a device is told things once. */
    mark: fingerprint('mark').notNull().unique('push_subscription_by_mark'),
    p256dh: varchar('p256dh', { length: 90 }).notNull(),
    auth: varchar('auth', { length: 30 }).notNull(),
    kinds: json('kinds').$type<NoticeKind[]>().notNull(),
    createdAt: moment('created_at').notNull(),
  },
  (table) => [index('push_subscription_of_person').on(table.personId)],
)

/** What somebody was told by letter or on a device, so that it is told once. */
export const told = mysqlTable(
  'told',
  {
    personId: id('person_id')
      .notNull()
      .references(() => person.id),
    noticeId: varchar('notice_id', { length: 160 }).notNull(),
    at: moment('at').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.personId, table.noticeId] }),
    index('told_at').on(table.at),
  ],
)
