import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import { group } from 'd3-array'
import { evenChance, surpriseShare, workWindows, type WeatherWork } from './data/windows.ts'
import { judgeHours, type JudgedHour } from './judge-hours.ts'
import type { DayOfHours } from './hours.ts'
import type { UnitSystem } from '../../base/quantity/index.ts'

/** What a day promises for a kind of work. */
export interface WorkOutlook {
  /** That some stretch of it is long enough and fit [1]. */
  readonly chance: number
  /** That what is put out is washed off all the same [1]. */
  readonly washOff: number
  /** First hour of the best stretch; undefined where the hours are not foretold, or none is fit. */
  readonly fromHour: number | undefined
  /** Hours fit, by what is most likely. */
  readonly fitHours: readonly number[]
  /** What stands against most hours of the working day, in words; empty where some hour is fit. */
  readonly against: readonly string[]
}

const stretchH = 2

/** The words said of most hours, the commonest first, by the middle one of each kind. */
function commonest(hours: readonly JudgedHour[]): readonly string[] {
  const said = group(
    hours.flatMap((hour) => hour.against.map((against) => ({ against, hour }))),
    ({ against }) => against,
  )
  const most = [...said].toSorted(([, one], [, other]) => other.length - one.length)
  return most.slice(0, 2).map(([against, of]) => {
    return of[Math.floor(of.length / 2)]?.hour.words(against) ?? ''
  })
}

/** A day judged by its hours. */
function outlookOf(hours: readonly JudgedHour[], work: WeatherWork): WorkOutlook {
  const { low, high } = workWindows[work].daylight
  const working = hours.filter(({ hour }) => hour >= low && hour <= high)
  let best = { chance: 0, dry: 1, fromHour: undefined as number | undefined }
  working.forEach((_, index) => {
    const stretch = working.slice(index, index + stretchH)
    if (stretch.length < stretchH) return
    const chance = Math.min(...stretch.map((each) => each.chance))
    if (chance > best.chance + 1e-9) {
      const dry = Math.min(...stretch.map((each) => each.dry))
      best = { chance, dry, fromHour: stretch[0]?.hour }
    }
  })
  const fitHours = working.filter(({ fit }) => fit).map(({ hour }) => hour)
  return {
    chance: best.chance,
    washOff: surpriseShare.value * (1 - best.dry),
    fromHour: best.fromHour,
    fitHours,
    against: fitHours.length > 0 ? [] : commonest(working),
  }
}

/**
 * What days that follow each other promise for a kind of work, by their hours.
 * @source a stretch of two hours is as fit as its worst hour [J]
 */
export function outlookByHours(
  days: readonly DayOfHours[],
  work: WeatherWork,
  system: UnitSystem,
): ReadonlyMap<Day, WorkOutlook> {
  const byDay = group(judgeHours(days, work, system), ({ day }) => day)
  return new Map([...byDay].map(([day, hours]) => [day, outlookOf(hours, work)]))
}

const daysAround = 8
const daysOfYear = 366

const dayOfYear = (day: Day): number => daysBetween(`2028-01-01`, `2028${day.slice(4)}`)

interface Sums {
  days: number
  chance: number
  dry: number
}

/** A day of which nobody knows the weather. */
export const unknownOutlook: WorkOutlook = {
  chance: evenChance.value,
  washOff: surpriseShare.value * (1 - evenChance.value),
  fromHour: undefined,
  fitHours: [],
  against: [],
}

/**
 * What days beyond every forecast promise: the share of such days in past years.
 * @param past outlooks of days that were, of as many years as there are
 * @returns a function from a day to its outlook; undefined where no past day is near it
 * @source definition: relative frequency over the days of the year within eight days of it
 */
export function usualOutlooks(
  past: ReadonlyMap<Day, WorkOutlook>,
): (day: Day) => WorkOutlook | undefined {
  const sums = Array.from({ length: daysOfYear }, (): Sums => ({ days: 0, chance: 0, dry: 0 }))
  for (const [day, { chance, fitHours }] of past) {
    const at = sums[dayOfYear(day)]
    if (!at) continue
    at.days += 1
    at.chance += chance
    at.dry += Number(fitHours.length > 0)
  }
  return (day) => {
    const middle = dayOfYear(day)
    const near = Array.from(
      { length: 2 * daysAround + 1 },
      (_, step) => sums[(middle + step - daysAround + daysOfYear) % daysOfYear],
    )
    const total = (of: keyof Sums) => near.reduce((sum, each) => sum + (each?.[of] ?? 0), 0)
    const days = total('days')
    if (days === 0) return undefined
    return {
      chance: total('chance') / days,
      washOff: surpriseShare.value * (1 - total('dry') / days),
      fromHour: undefined,
      fitHours: [],
      against: [],
    }
  }
}

/**
 * Expected days from each day on until the next that is fit, where the day itself turns out unfit.
 * @param chances that a day is fit, day by day [1]
 * @returns as many [d]
 */
export function waitsOf(chances: readonly number[]): readonly number[] {
  const waits = chances.map(() => 0)
  // After the last day known, days are as good as the last ones on average.
  const tail = chances.slice(-14)
  const usual = Math.max(0.02, tail.reduce((sum, each) => sum + each, 0) / Math.max(1, tail.length))
  let next = 1 / usual
  for (let index = chances.length - 1; index >= 0; index--) {
    waits[index] = next
    const chance = chances[index] ?? usual
    next = 1 + (1 - chance) * next
  }
  return waits
}

/** Days of a span, both ends included. */
export const daysFrom = (from: Day, to: Day): readonly Day[] =>
  Array.from({ length: Math.max(0, daysBetween(from, to) + 1) }, (_, index) => addDays(from, index))
