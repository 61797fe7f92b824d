import type { FileContent } from '@spudder/contract/route'
import { jobTitle } from '@spudder/core/days/plan'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import ical, { ICalCalendarMethod, ICalEventStatus } from 'ical-generator'
import type { Database } from '../database/connect.ts'
import { selectPlaceByCalendar } from '../place/place.repository.ts'
import { findPlace } from '../place/place.service.ts'
import { ServiceError } from '../problem/service-error.ts'
import { selectDatedJobs } from './planning.repository.ts'

/** Days back that a feed still shows what was done. */
const daysBack = 90
const usualHours = 1

type DatedJob = Awaited<ReturnType<typeof selectDatedJobs>>[number]

/** A line break in a name would begin a line of its own, which a calendar takes for a command. */
const oneLine = (text: string): string => text.replace(/[\p{Cc}\u2028\u2029]+/gu, ' ')

/**
 * Jobs as a calendar (RFC 5545). A day is a day and an hour is the clock of the place: both are
 * written without a zone, so that neither a zone nor daylight saving moves a job.
 */
function calendarOf(placeName: string, jobs: readonly DatedJob[], at: Date): string {
  const calendar = ical({
    name: oneLine(`Spudder: ${placeName}`),
    prodId: { company: 'Spudder', product: 'Dates', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  })
  for (const { job, standName, productName } of jobs) {
    const start = new Date(`${job.dueOn}T${job.startsAt ?? '00:00'}:00Z`)
    const end =
      job.startsAt === null
        ? new Date(`${addDays(job.dueOn, 1)}T00:00:00Z`)
        : new Date(start.getTime() + usualHours * 3_600_000)
    calendar.createEvent({
      id: `${job.id}@spudder`,
      start,
      end,
      allDay: job.startsAt === null,
      floating: job.startsAt !== null,
      stamp: job.changedAt ?? at,
      summary: oneLine(`${standName}: ${jobTitle({ ...job, productName })}`),
      categories: [{ name: job.kind }],
      status: job.status === 'done' ? ICalEventStatus.CONFIRMED : ICalEventStatus.TENTATIVE,
      description: job.status === 'done' ? 'Done.' : 'Planned. The label comes first.',
    })
  }
  return calendar.toString()
}

/**
 * The jobs of a place as a calendar, to be saved or subscribed to.
 * @throws {ServiceError} not-found
 */
export async function readCalendar(db: Database, placeId: string, at: Date): Promise<FileContent> {
  return fileOf(db, await findPlace(db, placeId), at)
}

/**
 * The same, by the address that a place was given.
 * @throws {ServiceError} not-found for an address that nobody was given, or that was taken back
 */
export async function readSubscribed(db: Database, token: string, at: Date): Promise<FileContent> {
  const place = await selectPlaceByCalendar(db, token)
  if (!place) throw new ServiceError('not-found', 'There is no calendar under this address.')
  return fileOf(db, place, at)
}

async function fileOf(
  db: Database,
  { id, name }: { readonly id: string; readonly name: string },
  at: Date,
): Promise<FileContent> {
  const since = addDays(dateToDay(at), -daysBack)
  return {
    type: 'text/calendar; charset=utf-8',
    content: calendarOf(name, await selectDatedJobs(db, id, since), at),
    saveAs: 'spudder-dates.ics',
    isForever: false,
  }
}
