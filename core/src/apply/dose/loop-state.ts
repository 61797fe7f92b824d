import { daysBetween, type Day } from '../../base/calendar/index.ts'
import type { Figure } from '../../base/reference/index.ts'
import type { Reading, ReadingKind } from '../../seen/reading/index.ts'

/** Newest readings of a solution that a dose has to look at. */
export interface LoopState {
  readonly pH?: number | undefined
  readonly ammoniumMgPerLN?: number | undefined
  readonly nitriteMgPerLN?: number | undefined
}

/** Older water tells nothing of the fish of today. */
const loopReadingHolds: Figure = {
  value: 14,
  unit: 'd',
  source: 'ammonium and nitrite of a loop turn over within days (common practice)',
  mark: 'J',
}

/**
 * The state of a loop on a day, by its newest readings of the two weeks before.
 * @param readings of the stand, in the order of their days
 */
export function loopStateOf(
  readings: readonly Pick<Reading, 'kind' | 'value' | 'takenOn'>[],
  on: Day,
): LoopState {
  const newest = (kind: ReadingKind) =>
    readings.findLast(
      (each) => each.kind === kind && daysBetween(each.takenOn, on) <= loopReadingHolds.value,
    )?.value
  return {
    pH: newest('pH'),
    ammoniumMgPerLN: newest('ammonium'),
    nitriteMgPerLN: newest('nitrite'),
  }
}
