import { daysBetween } from '../../base/calendar/index.ts'
import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import { contradictFrom, sameTimeDays } from './data/contradicting.ts'
import { readingKinds } from './data/kinds.ts'
import { doubtOf, waterPH, type Reading } from './reading.ts'
import { isOfTheSick, type PHCorrection } from './pH-history.ts'

/** Two readings that cannot both be right. */
export interface Contradiction {
  readonly first: Reading
  readonly second: Reading
  /** What they say, and what to do. */
  readonly words: string
}

const isSteady = ({ kind }: Reading): boolean => readingKinds[kind].isSteady
const comparable = (reading: Reading): number =>
  reading.kind === 'pH' ? waterPH(reading) : reading.value

function saidOf(reading: Reading, dayWords: (day: string) => string): string {
  const { unit } = readingKinds[reading.kind]
  const value =
    reading.kind === 'pH' ? formatDecimals(waterPH(reading), 1) : formatNumber(reading.value, 3)
  return `${value}${unit === '' ? '' : ` ${unit}`} on ${dayWords(reading.takenOn)}`
}

/**
 * Readings of one kind at the sick roots, some weeks apart at most, that lie farther from each other than
 * their doubts allow; of pH, with no correction between them. The newest pair first, of what does not
 * change by itself within weeks alone.
 * @param dayWords says a day as the place says it
 */
export function contradictionsIn(
  readings: readonly Reading[],
  corrections: readonly PHCorrection[],
  dayWords: (day: string) => string,
): readonly Contradiction[] {
  const inOrder = readings
    .filter((each) => isSteady(each) && (each.kind !== 'pH' || isOfTheSick(each)))
    .toSorted((a, b) => b.takenOn.localeCompare(a.takenOn))
  return inOrder.flatMap((second, index) =>
    inOrder.slice(index + 1).flatMap((first): Contradiction[] => {
      if (first.kind !== second.kind || (first.place ?? null) !== (second.place ?? null)) return []
      const isFar = daysBetween(first.takenOn, second.takenOn) > sameTimeDays.value
      const isParted =
        second.kind === 'pH' &&
        corrections.some(({ onDay }) => first.takenOn < onDay && onDay <= second.takenOn)
      const apart = Math.abs(comparable(first) - comparable(second))
      const borne = contradictFrom.value * Math.hypot(doubtOf(first), doubtOf(second))
      if (isFar || isParted || apart <= borne) return []
      const { label } = readingKinds[second.kind]
      const words = `${label} ${saidOf(first, dayWords)} and ${saidOf(second, dayWords)} contradict each other: measure again, at the sick roots, before anything is bought.`
      return [{ first, second, words }]
    }),
  )
}
