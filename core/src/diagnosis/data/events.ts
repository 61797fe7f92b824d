import type { Figure } from '../../reference/index.ts'

/** What may have happened to a stand before the leaves turned; told with its date. */
export const storyEvents = {
  'pH-corrected': 'pH corrected',
  limed: 'limed',
  acidified: 'acidified',
  fed: 'fed',
  'high-p-feed': 'fed with much phosphorus or manure',
  herbicide: 'herbicide, fungicide or growth regulator',
  spill: 'spill',
  transplanted: 'transplanted',
  construction: 'construction nearby',
  flood: 'flooded',
  'heavy-rain': 'weeks of heavy rain or over-irrigation',
  'cold-spell': 'cold spell',
  heat: 'heat',
} as const

export type StoryEventKind = keyof typeof storyEvents
export const storyEventKinds = Object.keys(storyEvents) as readonly StoryEventKind[]

/** How long before a look an event still counts as part of its story. */
export const storyDays: Figure = {
  value: 120,
  unit: 'd',
  source: 'about a season of leaves',
  mark: 'J',
}
