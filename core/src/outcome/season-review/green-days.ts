import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import type { FigureRange } from '../../base/reference/index.ts'
import { normalBelow } from '../../base/statistics/index.ts'
import { acceptableGreenness, lookHolds, type SeenGreenness } from '../../seen/colour/index.ts'
import { strayPerDay } from '../regreening/index.ts'
import { sureOfDay } from './data/season-figures.ts'

/** How likely the leaves were acceptably green on a day of which somebody can say it. */
export interface KnownDay {
  readonly day: Day
  /** Greenness between the looks [1], and one deviation of it. */
  readonly greenness: number
  readonly chance: number
}

/** A day between two looks: on the line between them, in doubt by theirs and by how colour strays from it. */
function between(one: SeenGreenness, other: SeenGreenness, day: Day): KnownDay {
  const span = daysBetween(one.day, other.day)
  const gone = daysBetween(one.day, day)
  const share = span === 0 ? 0 : gone / span
  const greenness = one.greenness + share * (other.greenness - one.greenness)
  // A walk that is held at both ends strays most in the middle.
  const strayed = strayPerDay.value * Math.sqrt(gone * (1 - share))
  const doubt = Math.hypot((1 - share) * one.doubt, share * other.doubt, strayed)
  return { day, greenness, chance: chanceGreen(greenness, doubt) }
}

/** A day beyond the last look, or before the first: as it was there, in more doubt by the day. */
function beside(look: SeenGreenness, day: Day): KnownDay {
  const strayed = strayPerDay.value * Math.sqrt(Math.abs(daysBetween(look.day, day)))
  const chance = chanceGreen(look.greenness, Math.hypot(look.doubt, strayed))
  return { day, greenness: look.greenness, chance }
}

/** How likely leaves of a greenness known to a deviation are acceptable [1]. */
export const chanceGreen = (greenness: number, doubt: number): number =>
  normalBelow((greenness - acceptableGreenness.value) / Math.max(doubt, 1e-9))

/**
 * The days of a stretch of which somebody can say how green the leaves were: between looks no further apart
 * than a look holds, and half as long before and after any look.
 * @param seen in the order of days; several of a day count as the last
 * @returns chances that leaves were acceptable [1]
 * @throws {CoreError} date-unreadable
 * @source colour between looks as the ribbon paints it; its doubt as a Brownian bridge (definition)
 */
export function knownDays(seen: readonly SeenGreenness[], from: Day, to: Day): KnownDay[] {
  const looks = seen.filter(({ day }, index) => seen[index + 1]?.day !== day)
  const holds = lookHolds.value / 2
  const days = Math.max(0, daysBetween(from, to) + 1)
  let at = -1
  return Array.from({ length: days }, (_, index) => addDays(from, index)).flatMap((day) => {
    while ((looks[at + 1]?.day ?? '9999') <= day) at += 1
    const [before, after] = [looks[at], looks[at + 1]]
    const since = before ? daysBetween(before.day, day) : Infinity
    const until = after ? daysBetween(day, after.day) : Infinity
    if (before && after && (since + until <= lookHolds.value || Math.min(since, until) <= holds))
      return [between(before, after, day)]
    if (before && since <= holds) return [beside(before, day)]
    if (after && until <= holds) return [beside(after, day)]
    return []
  })
}

/**
 * A count of days from surely to perhaps, about what is to be expected.
 * @param sure days that surely count [d]
 * @param usual the sum of the chances [d]
 * @param perhaps days that may count [d]
 */
export const rangeOfDays = (sure: number, usual: number, perhaps: number): FigureRange => ({
  low: Math.min(sure, usual),
  usual,
  high: Math.max(perhaps, usual),
})

/**
 * How many of some days were green.
 * @returns low those that surely were (nine in ten), usual the sum of the chances, high those that may have been [d]
 */
export function countGreen(days: readonly Pick<KnownDay, 'chance'>[]): FigureRange {
  const count = (least: number) => days.filter(({ chance }) => chance >= least).length
  const usual = days.reduce((sum, { chance }) => sum + chance, 0)
  return rangeOfDays(count(sureOfDay.value), usual, count(1 - sureOfDay.value))
}
