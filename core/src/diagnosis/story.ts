import { addDays, type Day } from '../calendar/index.ts'
import type { PHHistory, Reading } from '../reading/index.ts'
import { storyDays, type StoryEventKind } from './data/events.ts'

/** Something that happened to a stand, as it was told. */
export interface ToldEvent {
  readonly kind: StoryEventKind
  readonly happenedOn: Day
  readonly fromPH: number | null
  readonly toPH: number | null
}

/**
 * The part of a stand's record that a verdict on a look may use: events of the months before it,
 * and the pH through time. Readings taken after the look still tell of the soil.
 */
export function storyOf(
  lookedOn: Day,
  readings: readonly Reading[],
  told: readonly ToldEvent[],
): { readonly pHHistory: PHHistory; readonly events: readonly StoryEventKind[] } {
  const corrections = told.flatMap(({ kind, happenedOn, fromPH, toPH }) =>
    kind === 'pH-corrected' && fromPH !== null && toPH !== null
      ? [{ onDay: happenedOn, fromPH, toPH }]
      : [],
  )
  const earliest = addDays(lookedOn, -storyDays.value)
  const events = told
    .filter(({ happenedOn }) => happenedOn >= earliest && happenedOn <= lookedOn)
    .map(({ kind }) => kind)
  return { pHHistory: { readings, corrections }, events }
}
