import { daysBetween } from '../../base/calendar/index.ts'
import { formatDecimals } from '../../base/writing/index.ts'
import { doubtOf, waterPH, type Reading } from './reading.ts'
import { contradictFrom, isOfTheSick, type PHCorrection } from './pH-history.ts'

/** Two readings that cannot both be right. */
export interface Contradiction {
  readonly first: Reading
  readonly second: Reading
  /** What they say, and what to do. */
  readonly words: string
}

/** Readings farther apart than this may both be right: pH strays over the seasons [d]; judgement. */
const sameTimeDays = 21

/**
 * Readings of pH at the sick roots, some weeks apart at most, that lie farther from each other than
 * their doubts allow and have no correction between them; the newest pair first.
 * @param dayWords says a day as the place says it
 */
export function pHContradictions(
  readings: readonly Reading[],
  corrections: readonly PHCorrection[],
  dayWords: (day: string) => string,
): readonly Contradiction[] {
  const inOrder = readings
    .filter(isOfTheSick)
    .toSorted((a, b) => b.takenOn.localeCompare(a.takenOn))
  return inOrder.flatMap((second, index) =>
    inOrder.slice(index + 1).flatMap((first): Contradiction[] => {
      const isFar = daysBetween(first.takenOn, second.takenOn) > sameTimeDays
      const isParted = corrections.some(
        ({ onDay }) => first.takenOn < onDay && onDay <= second.takenOn,
      )
      const apart = Math.abs(waterPH(first) - waterPH(second))
      const borne = contradictFrom * Math.hypot(doubtOf(first), doubtOf(second))
      if (isFar || isParted || apart <= borne) return []
      const said = (reading: Reading) =>
        `${formatDecimals(waterPH(reading), 1)} on ${dayWords(reading.takenOn)}`
      return [
        {
          first,
          second,
          words: `pH ${said(first)} and ${said(second)} contradict each other: measure again, at the sick roots, before anything is bought.`,
        },
      ]
    }),
  )
}
