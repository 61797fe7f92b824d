import { addDays, type Day } from '../../base/calendar/index.ts'
import type { PHHistory, Reading } from '../../seen/reading/index.ts'
import { storyEventOf, type StoryEventKind } from './data/events.ts'
import type { DatedEvent } from './evidence.ts'

/** Something that happened to a stand, as it was told. */
export interface ToldEvent {
  readonly kind: StoryEventKind
  readonly happenedOn: Day
  readonly fromPH: number | null
  readonly toPH: number | null
}

/** Events longer ago than any acts are not looked through. */
const longestDays = 4000

/**
 * The part of a stand's record that a verdict on a look may use: what was told of the time before
 * it, and the readings. Readings taken after the look still tell of the soil.
 */
export function storyOf(
  lookedOn: Day,
  readings: readonly Reading[],
  told: readonly ToldEvent[],
): { readonly pHHistory: PHHistory; readonly events: readonly DatedEvent[] } {
  const corrections = told.flatMap(({ kind, happenedOn, fromPH, toPH }) =>
    kind === 'pH-corrected' && fromPH !== null && toPH !== null
      ? [{ onDay: happenedOn, fromPH, toPH }]
      : [],
  )
  const disturbances = told.flatMap(({ kind, happenedOn, toPH }) => {
    const { movesPHBy: doubt } = storyEventOf(kind)
    return doubt === undefined || toPH !== null ? [] : [{ onDay: happenedOn, doubt }]
  })
  const earliest = addDays(lookedOn, -longestDays)
  const events = told
    .filter(({ happenedOn }) => happenedOn >= earliest && happenedOn <= lookedOn)
    .map(({ kind, happenedOn }) => ({ kind, happenedOn }))
  return { pHHistory: { readings, corrections, disturbances }, events }
}
