import { EntryDto, type CreateEntryDto } from '@spudder/contract/entry'
import { isHand, type ChangeJobDto, type JobDto } from '@spudder/contract/job'
import { LookDto, type CreateLookDto } from '@spudder/contract/look'
import type { PhotoDto, PhotoMeasureDto, PhotoQueryDto } from '@spudder/contract/photo'
import { ReadingDto, type CreateReadingDto } from '@spudder/contract/reading'
import { StoryEventDto, type CreateStoryEventDto } from '@spudder/contract/story'
import type { SheetTickDto, TickDto } from '@spudder/contract/tick'
import type { RatePlotsDto, TrialDto } from '@spudder/contract/trial'
import { changedOf, keptOf } from '@spudder/contract/validation'
import { ZoneDto, type ChangeZoneDto, type CreateZoneDto } from '@spudder/contract/zone'
import { cameOf } from '@spudder/core/seen/reading'
import type { Outgoing } from './outgoing.ts'

/** What waits, as it will be once it is stored: rows as the server would answer them. */

const newly = ({ by, madeAt }: Outgoing) => ({
  createdBy: by.name,
  createdAt: madeAt,
  version: 1,
  changedBy: null,
  changedAt: null,
})
const mendable = (item: Outgoing) => ({ ...newly(item), isStruck: false })
const dtoOf = <Dto>({ asked }: Outgoing): Dto => asked.dto as Dto
const standOf = ({ asked, standId = '' }: Outgoing): string =>
  (asked['standId'] as string | undefined) ?? standId

export function lookOf(item: Outgoing, caseId: string): LookDto {
  const dto = dtoOf<CreateLookDto>(item)
  const said = keptOf(LookDto, dto)
  return { ...said, id: dto.id, standId: standOf(item), caseId, ...mendable(item) } as LookDto
}

export function readingOf(item: Outgoing): ReadingDto {
  const dto = dtoOf<CreateReadingDto>(item)
  const came = cameOf({ ...dto, instrument: dto.instrument ?? '' })
  const said = keptOf(ReadingDto, dto)
  return { ...said, id: dto.id, standId: standOf(item), came, ...mendable(item) } as ReadingDto
}

export function eventOf(item: Outgoing): StoryEventDto {
  const dto = dtoOf<CreateStoryEventDto>(item)
  const said = keptOf(StoryEventDto, dto)
  return { ...said, id: dto.id, standId: standOf(item), ...mendable(item) } as StoryEventDto
}

/** Its size and the day that stands in it are read by the server. */
export function photoOf(item: Outgoing, caseId: string | null): PhotoDto {
  const { id, fileName, entryId = null } = item.asked.query as PhotoQueryDto
  return {
    id,
    standId: standOf(item),
    caseId,
    entryId,
    fileName,
    type: item.fileType ?? '',
    byteCount: 0,
    widthPx: 0,
    heightPx: 0,
    takenOn: null,
    measure: null,
    ...mendable(item),
  }
}

export const measuredPhoto = (photo: PhotoDto, item: Outgoing): PhotoDto => {
  const measure = dtoOf<PhotoMeasureDto>(item)
  return { ...photo, measure, takenOn: measure.takenOn ?? photo.takenOn }
}

/** An entry of a job, by the job as it was. */
export function entryOf(item: Outgoing, job: JobDto): EntryDto {
  const dto = dtoOf<CreateEntryDto>(item)
  if (!job.route || !job.sourceId) throw new Error(`nothing goes out with job ${job.id}`)
  return {
    ...keptOf(EntryDto, dto),
    id: dto.id,
    standId: job.standId,
    caseId: job.caseId,
    jobId: job.id,
    route: job.route,
    sourceId: dto.sourceId ?? job.sourceId,
    productId: dto.productId ?? job.productId,
    appliedName: job.appliedName ?? '',
    plannedProductKg: dto.productKg,
    weather: dto.weather ?? null,
    correctsId: null,
    isStruck: false,
    imported: null,
    reason: '',
    createdBy: item.by.name,
    createdAt: item.madeAt,
  } as EntryDto
}

export const ratedTrial = (trial: TrialDto, item: Outgoing): TrialDto => {
  const rows = dtoOf<RatePlotsDto>(item).ratings.map((rating) => ({ ...rating, ...mendable(item) }))
  const isNew = ({ plot, ratedOn }: { plot: number; ratedOn: string }) =>
    rows.some((row) => row.plot === plot && row.ratedOn === ratedOn)
  return { ...trial, ratings: [...trial.ratings.filter((each) => !isNew(each)), ...rows] }
}

export function zoneOf(item: Outgoing): ZoneDto {
  const dto = dtoOf<CreateZoneDto>(item)
  const said = keptOf(ZoneDto, dto)
  return {
    ...said,
    id: dto.id,
    standId: standOf(item),
    isTakenAway: false,
    ...newly(item),
  } as ZoneDto
}

export const changedZone = (zone: ZoneDto, item: Outgoing): ZoneDto => {
  const dto = dtoOf<ChangeZoneDto>(item)
  return { ...zone, ...changedOf(ZoneDto, dto), isTakenAway: dto.isTakenAway ?? zone.isTakenAway } as ZoneDto // prettier-ignore
}

/** What is ticked off on a sheet, once one more line is. */
export function tickedSheet(ticks: readonly SheetTickDto[], item: Outgoing): SheetTickDto[] {
  const tick = { ...dtoOf<TickDto>(item), by: item.by.name }
  const isSame = ({ part, number }: SheetTickDto) => part === tick.part && number === tick.number
  const was = ticks.find(isSame)
  return was && was.at > tick.at ? [...ticks] : [...ticks.filter((each) => !isSame(each)), tick]
}

const orNobody = <Somebody>(list: readonly Somebody[]): Somebody[] | null =>
  list.length === 0 ? null : [...list]

/** A job as it will be once a change that waits was stored; the same where it says nothing of the job. */
export function changedJob(job: JobDto, item: Outgoing): JobDto {
  if (item.asked['jobId'] !== job.id) return job
  const me = { id: item.by.id ?? '', name: item.by.name }
  const hand = { personId: item.by.id ?? null, name: item.by.name }
  switch (item.name) {
    case 'job-taken': {
      const others = (job.hands ?? []).filter((each) => !isHand(each, me))
      const { isMine } = dtoOf<{ readonly isMine: boolean }>(item)
      return { ...job, hands: orNobody(isMine ? [...others, hand] : others) }
    }
    case 'job-under-way': {
      const others = (job.underWay ?? []).filter((each) => !isHand(each, me))
      const { since } = dtoOf<{ readonly since: string | null }>(item)
      return { ...job, underWay: orNobody(since === null ? others : [...others, { ...hand, since }]) } // prettier-ignore
    }
    case 'job-done':
      return { ...job, status: dtoOf<ChangeJobDto>(item).status ?? job.status }
    case 'entry':
      return { ...job, status: 'done' }
    default:
      return job
  }
}
