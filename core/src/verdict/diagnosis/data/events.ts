import type { Figure, Sourced } from '../../../base/reference/index.ts'
import type { FeatureName } from './features.ts'

interface StoryEventDefinition extends Sourced {
  readonly words: string
  /** When it begins to act on leaves that are forming, after its day [d]. */
  readonly actsAfterDays: number
  /** How long it acts from then on [d]. */
  readonly actsForDays: number
  /**
   * How long after its day it shows on leaves that stood already: what burns, bleaches or scorches
   * them needs no new leaf [d]. Absent: it acts through leaves as they form alone.
   */
  readonly onStandingLeavesDays?: number
  /** How unsure of the pH measured before it one is after it, where nobody told the new one. */
  readonly movesPHBy?: number
  /** Features that, where known, have said most of it already. */
  readonly correlates?: readonly FeatureName[]
}

const judged = {
  source: 'how soon and how long growers see it act, by our judgement',
  mark: 'J',
} as const

/** What may have happened to a stand before the leaves turned; told with its date. */
export const storyEvents = {
  'pH-corrected': {
    words: 'pH corrected',
    actsAfterDays: 0,
    actsForDays: 3650,
    movesPHBy: 0.7,
    ...judged,
  },
  limed: { words: 'limed', actsAfterDays: 10, actsForDays: 540, movesPHBy: 0.7, ...judged },
  acidified: { words: 'acidified', actsAfterDays: 30, actsForDays: 540, movesPHBy: 0.6, ...judged },
  fed: { words: 'fed', actsAfterDays: 4, actsForDays: 60, correlates: ['feed'], ...judged },
  'high-p-feed': {
    words: 'fed with much phosphorus or manure',
    actsAfterDays: 7,
    actsForDays: 720,
    correlates: ['soilPhosphorus', 'feed'],
    ...judged,
  },
  'iron-given': {
    words: 'given iron',
    actsAfterDays: 1,
    actsForDays: 45,
    onStandingLeavesDays: 21,
    ...judged,
  },
  herbicide: {
    words: 'herbicide, fungicide or growth regulator',
    actsAfterDays: 1,
    actsForDays: 60,
    onStandingLeavesDays: 35,
    correlates: ['sprayed'],
    ...judged,
  },
  'residual-herbicide': {
    words: 'a weed killer that lasts, or straw or manure that held one',
    actsAfterDays: 5,
    actsForDays: 420,
    correlates: ['bioassay'],
    ...judged,
  },
  spill: {
    words: 'spill',
    actsAfterDays: 0,
    actsForDays: 120,
    onStandingLeavesDays: 60,
    correlates: ['sprayed'],
    ...judged,
  },
  transplanted: {
    words: 'transplanted',
    actsAfterDays: 0,
    actsForDays: 120,
    movesPHBy: 0.7,
    ...judged,
  },
  construction: { words: 'construction nearby', actsAfterDays: 0, actsForDays: 1500, ...judged },
  flood: {
    words: 'flooded',
    actsAfterDays: 0,
    actsForDays: 60,
    correlates: ['wetness', 'rain'],
    ...judged,
  },
  'heavy-rain': {
    words: 'weeks of heavy rain or over-irrigation',
    actsAfterDays: 0,
    actsForDays: 40,
    correlates: ['wetness', 'rain'],
    ...judged,
  },
  'cold-spell': {
    words: 'cold spell',
    actsAfterDays: 0,
    actsForDays: 30,
    onStandingLeavesDays: 21,
    correlates: ['warmth'],
    ...judged,
  },
  heat: {
    words: 'heat',
    actsAfterDays: 0,
    actsForDays: 25,
    onStandingLeavesDays: 21,
    ...judged,
  },
  drought: {
    words: 'drought, or irrigation that failed',
    actsAfterDays: 0,
    actsForDays: 40,
    onStandingLeavesDays: 40,
    correlates: ['wetness'],
    ...judged,
  },
} as const satisfies Readonly<Record<string, StoryEventDefinition>>

export type StoryEventKind = keyof typeof storyEvents
export const storyEventKinds = Object.keys(storyEvents) as readonly StoryEventKind[]
export const storyEventOf = (kind: StoryEventKind): StoryEventDefinition => storyEvents[kind]
/** Share of an event's weight that a finding of the same thing has told already; our judgement. */
export const eventCorrelateShare: Figure = { value: 0.7, unit: '', ...judged }
