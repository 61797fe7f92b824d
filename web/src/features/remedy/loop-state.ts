import type { StandStoryDto } from '@spudder/contract/stand'
import { daysBetween } from '@spudder/core/base/calendar'
import { today } from '../../shared/units/today.ts'
import type { LoopState } from './use-work.ts'

/** A loop's water of two weeks ago tells nothing of its fish today. */
const holdsDays = 14

/** The newest readings of a solution that a dose has to look at. */
export function loopStateOf(story: StandStoryDto | undefined): LoopState {
  const newest = (kind: string) =>
    story?.readings.findLast(
      (reading) => reading.kind === kind && daysBetween(reading.takenOn, today()) <= holdsDays,
    )?.value
  return {
    pH: newest('pH'),
    ammoniumMgPerLN: newest('ammonium'),
    nitriteMgPerLN: newest('nitrite'),
  }
}
