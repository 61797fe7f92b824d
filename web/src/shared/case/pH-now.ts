import type { StandStoryDto } from '@spudder/contract/stand'
import type { PHBelief } from '@spudder/core/material/persistence'
import { storyOf } from '@spudder/core/verdict/diagnosis'
import { pHOn } from '@spudder/core/seen/reading'

/** pH that a remedy put out on a day meets; undefined where nobody measured or told it. */
export function pHAt(story: StandStoryDto, day: string): PHBelief | undefined {
  const { pHHistory } = storyOf(day, story.readings, story.events)
  return pHOn(day, pHHistory)
}
