import { dayToDate, type Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import type { Gap, PlanFrame, PlanStand, Task } from './task.ts'

/** Monday 1 to Sunday 7. */
export function weekdayOf(day: Day): number {
  const sundayFirst = dayToDate(day).getUTCDay()
  return sundayFirst === 0 ? 7 : sundayFirst
}

/** A frame with what is asked of it again and again looked up by name and by place in the row. */
export interface Facts {
  readonly frame: PlanFrame
  readonly indexOf: ReadonlyMap<Day, number>
  readonly stand: ReadonlyMap<string, PlanStand>
  /** Growth and mowings of each stand from the first day up to each day. */
  readonly grown: ReadonlyMap<string, readonly number[]>
  readonly mown: ReadonlyMap<string, readonly number[]>
  readonly blackoutOn: (day: Day) => string | undefined
  readonly crewHoursOn: (day: Day) => number
}

/** @throws {CoreError} not-applicable where the days have gaps or there are none */
export function factsOf(frame: PlanFrame): Facts {
  const { days } = frame
  if (days.length === 0) {
    throw new CoreError('no-days', { parameter: 'days' })
  }
  const growths = (stand: PlanStand) => {
    let sum = 0
    return days.map(({ meanC }) => (sum += Math.max(0, meanC - stand.growthBaseC)))
  }
  const mowings = (stand: PlanStand) => {
    let sum = 0
    return days.map(({ day }) => (sum += Number(stand.mowingDays.includes(weekdayOf(day)))))
  }
  return {
    frame,
    indexOf: new Map(days.map(({ day }, index) => [day, index])),
    stand: new Map(frame.stands.map((stand) => [stand.id, stand])),
    grown: new Map(frame.stands.map((stand) => [stand.id, growths(stand)])),
    mown: new Map(frame.stands.map((stand) => [stand.id, mowings(stand)])),
    blackoutOn: (day) => frame.blackouts.find(({ from, to }) => from <= day && day <= to)?.words,
    crewHoursOn: (day) => frame.crewHours[weekdayOf(day) - 1] ?? 0,
  }
}

/**
 * How far a gap has run between two days of the plan, by its own clock. A stand without a mowing
 * calendar has none to count by: days are counted then, seven to a mowing.
 */
export function gapBetween(
  facts: Facts,
  standId: string,
  gap: Gap,
  span: readonly [number, number],
) {
  const [from, to] = span
  const run = (sums: readonly number[] | undefined) => (sums?.[to] ?? 0) - (sums?.[from] ?? 0)
  switch (gap.by) {
    case 'days':
      return to - from
    case 'growth':
      return run(facts.grown.get(standId))
    case 'mowings': {
      const hasCalendar = (facts.stand.get(standId)?.mowingDays.length ?? 0) > 0
      return hasCalendar ? run(facts.mown.get(standId)) : (to - from) / 7
    }
  }
}

/** First and last day, by place in the row, on which a task may lie. */
export function boundsOf({ frame, indexOf }: Facts, task: Task): readonly [number, number] {
  const last = frame.days.length - 1
  const firstDay = frame.days[0]?.day ?? ''
  const at = (day: Day) => (day < firstDay ? 0 : (indexOf.get(day) ?? last))
  if (task.earliest > (frame.days[last]?.day ?? '')) return [last + 1, last]
  return [at(task.earliest), at(task.latest)]
}
