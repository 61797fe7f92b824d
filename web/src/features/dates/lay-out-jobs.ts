import type { JobDto } from '@spudder/contract/job'
import type { Day } from '@spudder/core/base/calendar'
import { xOf, type TimeScale } from '../../shared/ribbon/time-axis.ts'

/** A job where it is drawn: from the left, and in which line under the ribbon. */
export interface PlacedJob {
  readonly job: JobDto
  readonly day: Day
  readonly x: number
  readonly width: number
  readonly line: number
  /** Whether there is room for its words. */
  readonly hasWords: boolean
}

/** Of a job that is drawn as its mark alone [px]. */
export const glyphWidth = 20
const wordsFrom = 74
const hoursADay = 24

/** Share of the day at which a job stands, by its hour [1]. */
function hourShare({ startsAt }: JobDto): number {
  if (startsAt === null) return 0
  const [hour = 0, minute = 0] = startsAt.split(':').map(Number)
  return (hour + minute / 60) / hoursADay
}

/**
 * Puts the jobs of a stand under its ribbon, each in the first line that is free where it stands.
 * @param dayOf where a job is drawn; what is being dragged lies where the hand is
 */
export function layOutJobs(
  jobs: readonly JobDto[],
  scale: TimeScale,
  { dayWidth, dayOf }: { readonly dayWidth: number; readonly dayOf: (job: JobDto) => Day },
): readonly PlacedJob[] {
  const ends: number[] = []
  const right = scale.range()[1] ?? 0
  return jobs
    .map((job) => ({ job, day: dayOf(job) }))
    .toSorted((one, other) => {
      const [a, b] = [one, other].map(({ job, day }) => `${day}${job.startsAt ?? ''}${job.id}`)
      return (a ?? '') < (b ?? '') ? -1 : 1
    })
    .flatMap(({ job, day }) => {
      const hasWords = dayWidth >= wordsFrom
      const isDay = dayWidth >= right * 0.9
      const x = xOf(scale, day) + (isDay ? hourShare(job) * dayWidth : 0)
      const width = hasWords ? Math.min(260, dayWidth - 4) : glyphWidth
      if (x < -width || x > right - 4) return []
      const free = ends.findIndex((end) => end <= x + 0.5)
      const line = free < 0 ? ends.length : free
      ends[line] = x + width
      return [{ job, day, x, width, line, hasWords }]
    })
}
