import { dayRoutes, type DayDto, type DayJobDto } from '@spudder/contract/day'
import type { CaseDto } from '@spudder/contract/case'
import type { CreateLookDto } from '@spudder/contract/look'
import type { CreateReadingDto } from '@spudder/contract/reading'
import type { Route } from '@spudder/contract/route'
import { estateRoutes, type StandStoryDto } from '@spudder/contract/stand'
import { tickRoutes, type SheetTickDto } from '@spudder/contract/tick'
import { trialRoutes, type TrialDto } from '@spudder/contract/trial'
import { zoneRoutes, type ZoneDto } from '@spudder/contract/zone'
import { doneByReading } from '@spudder/core/days/plan'
import type { JobDto } from '@spudder/contract/job'
import type { Outgoing } from './outgoing.ts'
import {
  changedJob,
  changedZone,
  entryOf,
  eventOf,
  lookOf,
  measuredPhoto,
  photoOf,
  ratedTrial,
  readingOf,
  tickedSheet,
  zoneOf,
} from './will-be.ts'

/** Adds a row where it is not among them already: what was stored meanwhile counts once. */
const added = <Row extends { readonly id: string }>(rows: readonly Row[], row: Row): Row[] =>
  rows.some(({ id }) => id === row.id) ? [...rows] : [...rows, row]

/** The case that a look opens while it waits. */
const openedBy = (item: Outgoing, { id, lookedOn }: CreateLookDto): CaseDto => ({
  id,
  standId: item.asked['standId'] as string,
  openedOn: lookedOn,
  closedOn: null,
  outcome: null,
  outcomeNote: '',
  createdBy: item.by.name,
  createdAt: item.madeAt,
  version: 1,
  changedBy: null,
  changedAt: null,
})

/** Jobs of a stand that a reading does, beside being kept. */
function doneBy(jobs: readonly JobDto[], item: Outgoing): JobDto[] {
  const reading = item.asked.dto as CreateReadingDto
  const { kind, checkIds } = doneByReading(reading)
  const isDone = (job: JobDto) =>
    job.status === 'planned' &&
    ((job.kind === kind && job.dueOn <= reading.takenOn) ||
      (job.kind === 'check' && checkIds.includes(job.checkId ?? '')))
  return jobs.map((job) => (isDone(job) ? { ...job, status: 'done' as const } : job))
}

const isOf = (standId: string, { asked }: Outgoing): boolean => asked['standId'] === standId

/** A stand’s story with one more change. */
function storyWith(story: StandStoryDto, item: Outgoing): StandStoryDto {
  const { id } = story.stand
  const open = story.cases.find(({ closedOn }) => closedOn === null)
  switch (item.name) {
    case 'look': {
      if (!isOf(id, item)) return story
      const dto = item.asked.dto as CreateLookDto
      const its = open ?? openedBy(item, dto)
      return {
        ...story,
        cases: added(story.cases, its),
        looks: added(story.looks, lookOf(item, its.id)),
      }
    }
    case 'reading':
      return isOf(id, item)
        ? {
            ...story,
            readings: added(story.readings, readingOf(item)),
            jobs: doneBy(story.jobs, item),
          }
        : story
    case 'event':
      return isOf(id, item) ? { ...story, events: added(story.events, eventOf(item)) } : story
    case 'photo':
      return isOf(id, item)
        ? { ...story, photos: added(story.photos, photoOf(item, open?.id ?? null)) }
        : story
    case 'photo-measure': {
      const of = item.asked['photoId']
      const photos = story.photos.map((each) => (each.id === of ? measuredPhoto(each, item) : each))
      return { ...story, photos }
    }
    case 'entry': {
      const job = story.jobs.find((each) => each.id === item.asked['jobId'])
      if (!job) return story
      const jobs = story.jobs.map((each) => changedJob(each, item))
      return { ...story, jobs, entries: added(story.entries, entryOf(item, job)) }
    }
    case 'job-taken':
    case 'job-under-way':
    case 'job-done':
      return { ...story, jobs: story.jobs.map((each) => changedJob(each, item)) }
    default:
      return story
  }
}

/** A day with one more change: what is done goes to what is done. */
function dayWith(day: DayDto, item: Outgoing): DayDto {
  const change = (list: readonly DayJobDto[]) =>
    list.map((each) => {
      const job =
        item.name === 'reading' && item.asked['standId'] === each.job.standId
          ? doneBy([each.job], item)[0]
          : changedJob(each.job, item)
      return job && job !== each.job ? { ...each, job } : each
    })
  const lists = {
    mine: change(day.mine),
    overdue: change(day.overdue),
    others: change(day.others),
  }
  const isDone = ({ job }: DayJobDto) => job.status === 'done'
  const done = Object.values(lists).flat().filter(isDone)
  const left = (list: readonly DayJobDto[]) => list.filter((each) => !isDone(each))
  return {
    ...day,
    mine: left(lists.mine),
    overdue: left(lists.overdue),
    others: left(lists.others),
    done: [...day.done, ...done],
  }
}

const trialsWith = (trials: readonly TrialDto[], item: Outgoing): TrialDto[] =>
  trials.map((trial) =>
    item.name === 'rating' && item.asked['trialId'] === trial.id ? ratedTrial(trial, item) : trial,
  )

function zonesWith(zones: readonly ZoneDto[], item: Outgoing, standId: string): ZoneDto[] {
  if (item.name === 'zone') return isOf(standId, item) ? added(zones, zoneOf(item)) : [...zones]
  if (item.name !== 'zone-change') return [...zones]
  return zones
    .map((zone) => (zone.id === item.asked['zoneId'] ? changedZone(zone, item) : zone))
    .filter(({ isTakenAway }) => !isTakenAway)
}

/**
 * An answer of the server with what waits on this device added to it, in the order in which it was made.
 * @param asked what the route was asked with
 */
export function withWaiting(
  route: Route,
  asked: { readonly standId?: string; readonly jobId?: string },
  answer: unknown,
  items: readonly Outgoing[],
): unknown {
  if (items.length === 0) return answer
  switch (route) {
    case estateRoutes.story:
      return items.reduce(storyWith, answer as StandStoryDto)
    case dayRoutes.day:
      return items.reduce(dayWith, answer as DayDto)
    case trialRoutes.all:
      return items.reduce(trialsWith, answer as TrialDto[])
    case zoneRoutes.all:
      return items.reduce(
        (zones, item) => zonesWith(zones, item, asked.standId ?? ''),
        answer as ZoneDto[],
      )
    case tickRoutes.all:
      return items
        .filter(({ name, asked: { jobId } }) => name === 'tick' && jobId === asked.jobId)
        .reduce<readonly SheetTickDto[]>(tickedSheet, answer as SheetTickDto[])
    default:
      return answer
  }
}
