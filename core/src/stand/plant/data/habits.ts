import type { Sourced } from '../../../base/reference/index.ts'
import type { Growth } from './growths.ts'

/** Part of the year in which a plant gives up its green by itself, as the north has it. */
export interface Rest extends Sourced {
  /** First and last day, month and day; it runs over the turn of the year. */
  readonly from: string
  readonly until: string
}

const judged = {
  source: 'middle latitudes; earlier toward the poles, later toward the tropics',
  mark: 'J',
} as const

/** Whether and when a plant rests. */
export const habits = {
  deciduous: { from: '09-25', until: '03-31', ...judged },
  'warm-season turf': { from: '10-20', until: '04-10', ...judged },
  evergreen: undefined,
  annual: undefined,
} as const satisfies Readonly<Record<string, Rest | undefined>>
export type Habit = keyof typeof habits

/** What is usual for what a plant is grown as; plants that differ say so in the list. */
export const usualHabits: Readonly<Record<Growth, Habit>> = {
  'fine turf': 'evergreen',
  'lawn turf': 'evergreen',
  vine: 'deciduous',
  orchard: 'deciduous',
  'shade tree': 'deciduous',
  conifer: 'evergreen',
  palm: 'evergreen',
  shrub: 'evergreen',
  berry: 'deciduous',
  cereal: 'annual',
  legume: 'annual',
  'field crop': 'annual',
  'pot plant': 'annual',
  vegetable: 'annual',
}
