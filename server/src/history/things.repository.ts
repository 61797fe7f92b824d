import type { HistoryKind, HistoryThings } from '@spudder/core/outcome/history'
import type { Came, FileLine } from '@spudder/core/seen/reading'
import { eq, sql } from 'drizzle-orm'
import type { AnyMySqlColumn, MySqlTable } from 'drizzle-orm/mysql-core'
import type { ChangeableTable } from '../change/change.repository.ts'
import type { Connection } from '../database/connect.ts'
import {
  acidPlan,
  chlorosisCase,
  entry,
  drill,
  eyeSitting,
  advice,
  jarTest,
  job,
  laboratoryImport,
  laboratoryOrder,
  look,
  photo,
  place,
  product,
  reading,
  remedy,
  sprayer,
  stand,
  storyEvent,
  trial,
  trialRating,
  zone,
} from '../database/schema.ts'

/** A table with a history, and where its rows belong. */
export interface Thing {
  readonly table: MySqlTable & {
    readonly id: AnyMySqlColumn
    readonly createdBy: AnyMySqlColumn
    readonly createdAt: AnyMySqlColumn
  }
  /** Of the stand that it belongs to, or that it is; of its trial's for a rating. */
  readonly standId?: AnyMySqlColumn
  /** Of the place, where it belongs to no stand. */
  readonly placeId?: AnyMySqlColumn
  /** What it is told by. */
  readonly columns: Readonly<Record<string, AnyMySqlColumn>>
  readonly productId?: AnyMySqlColumn
  readonly imported?: AnyMySqlColumn
  readonly came?: AnyMySqlColumn
}

/** Kinds whose rows may change. */
export type ChangingKind = Exclude<
  HistoryKind,
  'entry' | 'remedy' | 'acidPlan' | 'order' | 'import'
>
interface ChangingThing extends Thing {
  readonly table: Thing['table'] & ChangeableTable
}

/** Where every kind of thing is kept; a kind without a row does not compile. */
export const things: {
  readonly [Kind in HistoryKind]: Kind extends ChangingKind ? ChangingThing : Thing
} = {
  stand: {
    table: stand,
    standId: stand.id,
    columns: { name: stand.name },
    imported: stand.imported,
  },
  place: { table: place, placeId: place.id, columns: { name: place.name } },
  reading: {
    table: reading,
    standId: reading.standId,
    columns: { kind: reading.kind, value: reading.value, takenOn: reading.takenOn },
    came: reading.came,
  },
  event: {
    table: storyEvent,
    standId: storyEvent.standId,
    columns: { kind: storyEvent.kind, happenedOn: storyEvent.happenedOn },
    imported: storyEvent.imported,
  },
  look: {
    table: look,
    standId: look.standId,
    columns: { lookedOn: look.lookedOn },
    imported: look.imported,
  },
  case: {
    table: chlorosisCase,
    standId: chlorosisCase.standId,
    columns: { openedOn: chlorosisCase.openedOn },
  },
  photo: { table: photo, standId: photo.standId, columns: { fileName: photo.fileName } },
  trial: { table: trial, standId: trial.standId, columns: { name: trial.name } },
  rating: {
    table: trialRating,
    standId: trial.standId,
    columns: { plot: trialRating.plot, value: trialRating.value, ratedOn: trialRating.ratedOn },
  },
  zone: {
    table: zone,
    standId: zone.standId,
    columns: { name: zone.name },
    imported: zone.imported,
  },
  jarTest: {
    table: jarTest,
    placeId: jarTest.placeId,
    columns: { partnerName: jarTest.partnerName, testedOn: jarTest.testedOn },
  },
  drill: {
    table: drill,
    placeId: drill.placeId,
    columns: { context: drill.context, answeredOn: drill.answeredOn },
  },
  eye: {
    table: eyeSitting,
    placeId: eyeSitting.placeId,
    columns: { scale: eyeSitting.scale, ratedOn: eyeSitting.ratedOn },
  },
  advice: { table: advice, standId: advice.standId, columns: { givenOn: advice.givenOn } },
  product: {
    table: product,
    placeId: product.placeId,
    columns: { name: product.name },
    imported: product.imported,
  },
  sprayer: { table: sprayer, placeId: sprayer.placeId, columns: { name: sprayer.name } },
  job: {
    table: job,
    standId: job.standId,
    columns: {
      kind: job.kind,
      sourceId: job.sourceId,
      checkId: job.checkId,
      subject: job.subject,
      purpose: job.purpose,
      acidPlanId: job.acidPlanId,
      round: job.round,
      rounds: job.rounds,
      step: job.step,
      steps: job.steps,
      dueOn: job.dueOn,
    },
    productId: job.productId,
  },
  entry: {
    table: entry,
    standId: entry.standId,
    columns: {
      sourceId: entry.sourceId,
      productKg: entry.productKg,
      happenedOn: entry.happenedOn,
      isStruck: entry.isStruck,
      correctsId: entry.correctsId,
      reason: entry.reason,
    },
    productId: entry.productId,
    imported: entry.imported,
  },
  remedy: {
    table: remedy,
    standId: remedy.standId,
    columns: { sourceId: remedy.sourceId, applyOn: remedy.applyOn },
    productId: remedy.productId,
  },
  acidPlan: {
    table: acidPlan,
    standId: acidPlan.standId,
    columns: { targetPH: acidPlan.targetPH },
  },
  order: {
    table: laboratoryOrder,
    standId: laboratoryOrder.standId,
    columns: { laboratory: laboratoryOrder.laboratory, orderedOn: laboratoryOrder.orderedOn },
  },
  import: {
    table: laboratoryImport,
    placeId: laboratoryImport.placeId,
    columns: { fileName: laboratoryImport.fileName, readingCount: laboratoryImport.readingCount },
  },
}

/** A thing as it is told in a line. */
export interface ToldThing {
  readonly id: string
  readonly kind: HistoryKind
  readonly standId: string | null
  readonly standName: string | null
  readonly by: string
  readonly at: Date
  readonly of: HistoryThings[HistoryKind]
  readonly reason: string
  readonly imported: FileLine | null
  readonly came: Came | null
}

type Found = Readonly<Record<string, unknown>>

/** A row as it is told. */
export function told(kind: HistoryKind, row: Found): ToldThing {
  const { id, standId, standName, by, at, imported, came, productName, ...rest } = row
  const of = { ...rest, productName: productName ?? null }
  return {
    id: String(id),
    kind,
    standId: (standId ?? null) as string | null,
    standName: (standName ?? null) as string | null,
    by: String(by),
    at: at as Date,
    of: of as unknown as HistoryThings[HistoryKind],
    reason: typeof rest['reason'] === 'string' ? rest['reason'] : '',
    imported: (imported ?? null) as FileLine | null,
    came: (came ?? null) as Came | null,
  }
}

/** Rows of a kind of thing, before anything is said of which. */
export function selectThings(connection: Connection, kind: HistoryKind) {
  const { table, standId, columns, productId, imported, came }: Thing = things[kind]
  const none = sql`null`
  const query = connection
    .select({
      ...columns,
      id: table.id,
      by: table.createdBy,
      at: table.createdAt,
      standId: standId ?? none,
      standName: standId ? stand.name : none,
      productName: productId ? product.name : none,
      imported: imported ?? none,
      came: came ?? none,
    })
    .from(table as MySqlTable)
    .$dynamic()
  if (kind === 'rating') query.innerJoin(trial, eq(trialRating.trialId, trial.id))
  if (standId && kind !== 'stand') query.innerJoin(stand, eq(standId, stand.id))
  if (productId && kind === 'job') {
    query
      .leftJoin(remedy, eq(job.remedyId, remedy.id))
      .leftJoin(product, eq(product.id, sql`coalesce(${job.productId}, ${remedy.productId})`))
  } else if (productId) query.leftJoin(product, eq(product.id, productId))
  return query
}
