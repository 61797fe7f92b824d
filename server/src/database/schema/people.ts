import type { NoticeKind } from '@spudder/core/days/notice'
import { roles, type Right } from '@spudder/contract/access'
import { auditActs, auditOutcomes, invitationKinds } from '@spudder/contract/person'
import {
  bigint,
  boolean,
  double,
  index,
  int,
  json,
  mysqlTable,
  primaryKey,
  text,
  tinyint,
  varchar,
} from 'drizzle-orm/mysql-core'
import { changeable, day, fingerprint, id, moment, oneOf, recorded } from '../columns.ts'
import type { PlaceStateDto } from '@spudder/contract/overview'
import { place } from './places.ts'

/** A state without what a day makes of it: how many jobs are due on each day instead. */
export type KeptState = Pick<PlaceStateDto, 'stands' | 'openCases' | 'palest' | 'short'> & {
  readonly due: Readonly<Record<string, number>>
}

/** A pair of keys on the curve P-256, in base64url. */
export interface PushKeys {
  readonly publicKey: string
  readonly privateKey: string
}

/** Who works here. */
export const person = mysqlTable('person', {
  id: id().primaryKey(),
  name: varchar('name', { length: 80 }).notNull(),
  /** What they sign in by, in small letters; null for who never signs in. */
  signInName: varchar('sign_in_name', { length: 80 }).unique('person_signs_in_by'),
  passwordHash: varchar('password_hash', { length: 200 }),
  /** What codes of an app are made from; null while none are asked for. */
  totpSecret: varchar('totp_secret', { length: 64 }),
  /** Made, and no code of it seen yet. */
  totpOffered: varchar('totp_offered', { length: 64 }),
  /** The step of time of the last code that was taken: none is taken twice. */
  totpStep: int('totp_step').notNull().default(0),
  licenceNumber: varchar('licence_number', { length: 40 }).notNull().default(''),
  licenceExpiresOn: day('licence_expires_on'),
  /** Where letters go; null for who wants none. */
  email: varchar('email', { length: 200 }),
  /** What letters tell of; null is nothing but sign-ins. */
  mailKinds: json('mail_kinds').$type<NoticeKind[]>(),
  ...changeable(),
})

/** What holds for all of an installation: one row. */
export const installation = mysqlTable('installation', {
  id: tinyint('id').primaryKey(),
  /** Who works here alone and is asked nothing, on their own machine; null where people sign in. */
  singlePersonId: id('single_person_id').references(() => person.id),
  /** The keys that devices are told things by (VAPID, RFC 8292); null before any was asked for. */
  pushKeys: json('push_keys').$type<PushKeys>(),
})

/** What somebody is at a place. */
export const membership = mysqlTable(
  'membership',
  {
    personId: id('person_id')
      .notNull()
      .references(() => person.id),
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    role: oneOf('role', 20, roles).notNull(),
    /** The last day; null for as long as nobody ends it. */
    untilDay: day('until_day'),
    ...recorded(),
  },
  (table) => [
    primaryKey({ columns: [table.personId, table.placeId] }),
    index('membership_of_place').on(table.placeId),
  ],
)

/** A device that somebody is signed in on. */
export const session = mysqlTable(
  'session',
  {
    id: id().primaryKey(),
    personId: id('person_id')
      .notNull()
      .references(() => person.id),
    token: fingerprint('token').notNull().unique('session_by_token'),
    /** The one before, taken for a moment more: requests that were under way carry it. */
    formerToken: fingerprint('former_token').unique('session_by_former'),
    turnedAt: moment('turned_at').notNull(),
    device: varchar('device', { length: 120 }).notNull(),
    address: varchar('address', { length: 45 }).notNull(),
    createdAt: moment('created_at').notNull(),
    seenAt: moment('seen_at').notNull(),
    isEnded: boolean('is_ended').notNull().default(false),
  },
  (table) => [index('session_of_person').on(table.personId, table.isEnded)],
)

/** A key of a device or a security key that somebody signs in with (WebAuthn). */
export const passkey = mysqlTable(
  'passkey',
  {
    id: id().primaryKey(),
    personId: id('person_id')
      .notNull()
      .references(() => person.id),
    credentialId: varchar('credential_id', { length: 700 }).notNull().unique('passkey_credential'),
    publicKey: text('public_key').notNull(),
    counter: double('counter').notNull(),
    transports: json('transports').$type<string[]>().notNull(),
    name: varchar('name', { length: 80 }).notNull(),
    createdAt: moment('created_at').notNull(),
    usedAt: moment('used_at'),
  },
  (table) => [index('passkey_of_person').on(table.personId)],
)

/** What a passkey has to sign, once and soon. */
export const challenge = mysqlTable('challenge', {
  id: id().primaryKey(),
  /** Who asked, where that is known. */
  personId: id('person_id').references(() => person.id),
  value: varchar('value', { length: 120 }).notNull(),
  endsAt: moment('ends_at').notNull(),
})

/** A link by which somebody comes in, or comes in again. */
export const invitation = mysqlTable(
  'invitation',
  {
    id: id().primaryKey(),
    token: fingerprint('token').notNull().unique('invitation_by_token'),
    kind: oneOf('kind', 20, invitationKinds).notNull(),
    /** Where to; null for who comes in again. */
    placeId: id('place_id').references(() => place.id),
    role: oneOf('role', 20, roles),
    untilDay: day('until_day'),
    /** Who comes in again. */
    personId: id('person_id').references(() => person.id),
    /** Whom it is for, as whoever made it wrote. */
    name: varchar('name', { length: 80 }).notNull(),
    endsAt: moment('ends_at').notNull(),
    usedAt: moment('used_at'),
    isWithdrawn: boolean('is_withdrawn').notNull().default(false),
    ...recorded(),
  },
  (table) => [index('invitation_of_place').on(table.placeId)],
)

/** A key by which a program works for a person at one place. */
export const apiToken = mysqlTable(
  'api_token',
  {
    id: id().primaryKey(),
    personId: id('person_id')
      .notNull()
      .references(() => person.id),
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    name: varchar('name', { length: 80 }).notNull(),
    token: fingerprint('token').notNull().unique('api_token_by_token'),
    rights: json('rights').$type<Right[]>().notNull(),
    expiresOn: day('expires_on').notNull(),
    usedAt: moment('used_at'),
    isWithdrawn: boolean('is_withdrawn').notNull().default(false),
    ...recorded(),
  },
  (table) => [index('api_token_of_place').on(table.placeId, table.personId)],
)

/** A link by which whoever has it reads a part of the record of a place, without signing in. */
export const recordLink = mysqlTable(
  'record_link',
  {
    id: id().primaryKey(),
    placeId: id('place_id')
      .notNull()
      .references(() => place.id),
    /** Whom it was made for, as whoever made it wrote. */
    name: varchar('name', { length: 80 }).notNull(),
    token: fingerprint('token').notNull().unique('record_link_by_token'),
    /** Null for every stand of the place. */
    standId: id('stand_id'),
    fromDay: day('from_day'),
    toDay: day('to_day'),
    expiresOn: day('expires_on').notNull(),
    openedAt: moment('opened_at'),
    isWithdrawn: boolean('is_withdrawn').notNull().default(false),
    ...recorded(),
  },
  (table) => [index('record_link_of_place').on(table.placeId)],
)

/** Who did what, from where: nothing of it is ever changed. */
export const audit = mysqlTable(
  'audit',
  {
    position: bigint('position', { mode: 'number' }).autoincrement().primaryKey(),
    at: moment('at').notNull(),
    personId: id('person_id'),
    /** Their name then; of a sign-in that failed, the name that was typed. */
    actor: varchar('actor', { length: 80 }).notNull(),
    placeId: id('place_id'),
    act: oneOf('act', 30, auditActs).notNull(),
    outcome: oneOf('outcome', 10, auditOutcomes).notNull(),
    /** What it was done to, in words or as the address of a request. */
    subject: varchar('subject', { length: 200 }).notNull(),
    address: varchar('address', { length: 45 }).notNull(),
    device: varchar('device', { length: 120 }).notNull(),
    requestId: id('request_id').notNull(),
  },
  (table) => [
    index('audit_of_place').on(table.placeId, table.position),
    index('audit_of_person').on(table.personId, table.position),
  ],
)

/** How often something was tried, kept by the package that counts it. */
export const attempt = mysqlTable('attempt', {
  key: varchar('key', { length: 255 }).primaryKey(),
  points: int('points').notNull().default(0),
  expire: bigint('expire', { mode: 'number', unsigned: true }),
})

/** What was held by a transaction, so that no other node of a cluster holds it at the same time. */
export const hold = mysqlTable('hold', {
  id: id().primaryKey(),
  times: int('times').notNull(),
})

/**
 * How far a file is on its way in, for whoever waits for it, whichever server they ask. It refers to no place:
 * that one is held while the file comes in.
 */
export const underWay = mysqlTable('under_way', {
  id: id().primaryKey(),
  placeId: id('place_id').notNull(),
  stored: int('stored').notNull(),
  total: int('total').notNull(),
  begunAt: moment('begun_at').notNull(),
})

/** How it stands at a place, kept for the overview, and whether something changed since it was counted. */
export const placeState = mysqlTable('place_state', {
  placeId: id('place_id')
    .primaryKey()
    .references(() => place.id),
  /** Goes up with every change of anything at the place. */
  changes: int('changes').notNull(),
  /** What {@link changes} was when it was counted; null before it ever was. */
  countedAt: int('counted_at'),
  /** Of the palest stand, 0 white to 1 deep green: places are put in order by it. */
  greenness: double('greenness'),
  state: json('state').$type<KeptState>(),
})
