import { rollup } from 'd3-array'
import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import { tenthDeviation } from '../../base/reference/index.ts'
import {
  learnLines,
  normalBelow,
  type Estimate,
  type LearntLines,
  type LinesBefore,
} from '../../base/statistics/index.ts'
import { acceptableGreenness } from '../../seen/colour/index.ts'
import {
  fewestOfStand,
  fewestLooks,
  halfYearSwings,
  lessOrMore,
  levelStrays,
  likelyPale,
  lookStrays,
  oneWeather,
  standHalfYearSwings,
  standStrays,
  standSwings,
  yearStrays,
  yearSwings,
} from './data/untreated-figures.ts'
import { halfForgotten } from '../learnt/index.ts'
import type { Resting, UntreatedLook } from './untreated-looks.ts'

const daysOfYear = 365.25
/** Any day from which the waves of a year are counted. */
const origin: Day = '2020-01-01'

/** How much of each coefficient is in a day: the mean, a wave of a year, one of half a year. */
function wavesOn(day: Day): readonly number[] {
  const turn = (2 * Math.PI * daysBetween(origin, day)) / daysOfYear
  return [1, Math.cos(turn), Math.sin(turn), Math.cos(2 * turn), Math.sin(2 * turn)]
}

const bells = (deviations: readonly number[], mean: number) =>
  deviations.map((deviation, at) => ({ mean: at === 0 ? mean : 0, deviation }))
const perWave = (level: number, year: number, half: number) => [level, year, year, half, half]

/** What is thought of the colour of leaves left to themselves before anybody looked: pale half of the time. */
const thoughtBefore: LinesBefore = {
  coefficients: bells(
    perWave(levelStrays.value, yearSwings.value, halfYearSwings.value),
    acceptableGreenness.value,
  ),
  ofGroup: perWave(standStrays.value, standSwings.value, standHalfYearSwings.value),
  spellScale: yearStrays.value,
  timeScale: lookStrays.value,
  tried: [1 / lessOrMore.value, 1, lessOrMore.value],
  halfLife: halfForgotten.value,
}

/** A week of a year to come, for a stand that nobody treats. */
export interface CourseWeek {
  readonly from: Day
  /** What is likeliest, and eight of ten years [1]. */
  readonly greenness: number
  readonly low: number
  readonly high: number
  /** How likely the leaves are paler than acceptable [1]. */
  readonly chancePale: number
}

/** Weeks on end that likely are pale. */
export interface PaleStretch {
  readonly from: Day
  readonly to: Day
  /** How likely its palest week is pale [1]. */
  readonly chance: number
}

/** The year to come of a stand that nobody treats, as far as its place taught it. */
export interface StandCourse {
  readonly standId: string
  /** Looks of this stand in which no treatment shows, and how many of them are of a strip. */
  readonly looks: number
  readonly ofStrip: number
  /** Too little was seen, of it or of its place, to tell one week from another. */
  readonly knowsTooLittle: boolean
  /** Without those in which its plant rests. */
  readonly weeks: readonly CourseWeek[]
  readonly pale: readonly PaleStretch[]
}

/** What a place taught of how its leaves look where nobody treats them. */
export interface UntreatedCourse {
  readonly on: Day
  readonly looks: readonly UntreatedLook[]
  readonly knowsTooLittle: boolean
  readonly stands: readonly StandCourse[]
}

const weeksAhead = 52

function weekOf(lines: LearntLines, standId: string, from: Day): CourseWeek {
  const middle = wavesOn(addDays(from, 3))
  const { mean, deviation } = lines.next(middle, standId)
  const within = (value: number) => Math.min(1, Math.max(0, value))
  return {
    from,
    greenness: within(mean),
    low: within(mean - tenthDeviation * deviation),
    high: within(mean + tenthDeviation * deviation),
    chancePale: normalBelow((acceptableGreenness.value - mean) / deviation),
  }
}

/**
 * Weeks on end that likely are pale.
 * @param weeks in the order of days
 */
function paleStretches(weeks: readonly CourseWeek[]): readonly PaleStretch[] {
  const stretches: { from: Day; to: Day; chance: number }[] = []
  for (const { from, chancePale } of weeks) {
    if (chancePale < likelyPale.value) continue
    const last = stretches.at(-1)
    const to = addDays(from, 6)
    if (last && addDays(last.to, 1) === from) {
      last.to = to
      last.chance = Math.max(last.chance, chancePale)
    } else stretches.push({ from, to, chance: chancePale })
  }
  return stretches
}

/** How leaves look on a day where nobody treats them, by the stand; of one never seen, as any of the place [1]. */
export type UntreatedOn = (standId: string, day: Day) => Estimate

/** How much each look of a stand counts: those within some weeks of each other are of one weather. */
function sharesOf(looks: readonly UntreatedLook[]): readonly number[] {
  const daysOf = rollup(looks, (own) => own.map(({ day }) => dayNumber(day)), ({ standId }) => standId) // prettier-ignore
  return looks.map(({ standId, day }) => {
    const at = dayNumber(day)
    const near = daysOf
      .get(standId)
      ?.filter((other) => Math.abs(other - at) <= oneWeather.value / 2)
    return 1 / (near?.length ?? 1)
  })
}
const dayNumber = (day: Day): number => daysBetween(origin, day)

function learntLines(looks: readonly UntreatedLook[], on: Day): LearntLines {
  const shares = sharesOf(looks)
  return learnLines(
    looks.map(({ standId, day, greenness, doubt }, index) => {
      const age = daysBetween(day, on)
      return {
        group: standId,
        // Years are counted back from today: the weather of a season is not cut by a calendar.
        spell: String(Math.floor(age / daysOfYear)),
        at: wavesOn(day),
        value: greenness,
        deviation: doubt,
        age,
        counts: shares[index],
      }
    }),
    thoughtBefore,
  )
}

/**
 * How leaves mostly look through the year where nobody treats them, whatever the year.
 * @param looks in which no treatment shows; what came after the day on which it is asked does not count
 * @source a hierarchical linear model, as {@link learnLines}
 */
export function learnUntreated(looks: readonly UntreatedLook[], on: Day): UntreatedOn {
  const known = looks.filter(({ day }) => day <= on)
  const lines = learntLines(known, on)
  return (standId, day) => lines.whole(wavesOn(day), standId)
}

/**
 * Learns how the leaves of each stand of a place look through the year where nobody treats them: two waves
 * about a mean, those of a stand drawn to those of its place, those to what is thought before.
 * @param looks in which no treatment shows; what came after the day on which it is asked does not count
 * @param standIds of which it is asked
 * @returns the 52 weeks that follow
 * @source a hierarchical linear model, as {@link learnLines}
 */
export function learnCourse(
  looks: readonly UntreatedLook[],
  { standIds, isResting, on }: { readonly standIds: readonly string[]; readonly isResting: Resting; readonly on: Day }, // prettier-ignore
): UntreatedCourse {
  const known = looks.filter(({ day }) => day <= on)
  const lines = learntLines(known, on)
  const knowsTooLittle = known.length < fewestLooks.value
  return {
    on,
    looks: known,
    knowsTooLittle,
    stands: standIds.map((standId) => {
      const own = known.filter((look) => look.standId === standId)
      const weeks = Array.from({ length: weeksAhead }, (_, week) => addDays(on, 7 * week + 1))
        .filter((from) => !isResting(standId, addDays(from, 3)))
        .map((from) => weekOf(lines, standId, from))
      return {
        standId,
        looks: own.length,
        knowsTooLittle: knowsTooLittle || own.length < fewestOfStand.value,
        ofStrip: own.filter(({ isOfStrip }) => isOfStrip).length,
        weeks,
        pale: paleStretches(weeks),
      }
    }),
  }
}
