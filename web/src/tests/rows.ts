import { recorded } from './recorded.ts'
import { appliedName } from '@spudder/core/material/shelf'
import type { SourceId } from '@spudder/core/material/source'
import type { EntryDto } from '@spudder/contract/entry'
import type { JobDto } from '@spudder/contract/job'
import type { StandDto } from '@spudder/contract/stand'

/** A stand as the server tells it, with what a test says of it. */
export const standRow = (change: Partial<StandDto> = {}): StandDto => ({
  id: 'green',
  placeId: 'place',
  name: 'Green',
  context: 'turf',
  plantId: 'creeping-bentgrass',
  size: { kind: 'area', areaM2: 100 },
  measures: null,
  care: null,
  note: '',
  isArchived: false,
  mergedIntoId: null,
  ...recorded,
  ...change,
})

/** The name of a form where no own product was taken. */
const nameOf = (sourceId: SourceId | null = 'ferrous-sulfate') =>
  sourceId && appliedName({ sourceId, productName: null })

/** A planned application. */
export const jobRow = (change: Partial<JobDto> = {}): JobDto => ({
  id: 'job',
  standId: 'green',
  caseId: null,
  remedyId: null,
  acidPlanId: null,
  plannedKg: null,
  productId: null,
  checkId: null,
  practiceId: null,
  kind: 'apply',
  title: 'Ferrous sulfate',
  appliedName: nameOf(change.sourceId),
  dueOn: '2026-06-20',
  startsAt: null,
  isLocked: false,
  hands: null,
  underWay: null,
  afterJobId: null,
  afterDays: null,
  withinDays: null,
  status: 'planned',
  share: 1,
  route: 'leaf',
  sourceId: 'ferrous-sulfate',
  ...recorded,
  ...change,
})

export const entryRow = (change: Partial<EntryDto> = {}): EntryDto => ({
  id: 'entry',
  standId: 'green',
  caseId: null,
  jobId: 'job',
  happenedOn: '2026-06-15',
  route: 'leaf',
  sourceId: 'ferrous-sulfate',
  appliedName: nameOf(change.sourceId) ?? '',
  productId: null,
  plannedProductKg: 2,
  productKg: 2,
  waterL: 100,
  startedAt: null,
  endedAt: null,
  worker: '',
  lot: '',
  equipment: '',
  waterSource: '',
  licence: '',
  partners: null,
  weather: null,
  reEntryH: null,
  note: '',
  correctsId: null,
  imported: null,
  reason: '',
  ...recorded,
  ...change,
})
