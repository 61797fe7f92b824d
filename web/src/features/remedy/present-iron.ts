import type { StandStoryDto } from '@spudder/contract/stand'
import { daysBetween } from '@spudder/core/base/calendar'
import { today } from '../../shared/units/today.ts'

/** Iron that a solution is known to hold, and why that may no longer be so. */
export interface PresentIron {
  readonly mgPerL: number
  readonly takenOn: string
  readonly doubt: string
}

/** Iron in a running loop is taken up and lost within days. */
const holdsDays = 7

/** The last reading of iron in the solution; undefined where there is none. */
export function presentIronOf(story: StandStoryDto | undefined): PresentIron | undefined {
  const reading = story?.readings.findLast(({ kind }) => kind === 'ironInSolution')
  if (!story || !reading) return undefined
  const { value: mgPerL, takenOn } = reading
  const isDosedSince = story.entries.some(({ happenedOn }) => happenedOn >= takenOn)
  const isOld = daysBetween(takenOn, today()) > holdsDays
  const doubt = isDosedSince
    ? 'A dose went in since this was measured.'
    : isOld
      ? 'That is more than a week ago.'
      : ''
  return { mgPerL, takenOn, doubt }
}
