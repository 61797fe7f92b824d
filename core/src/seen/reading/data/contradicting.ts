import type { Figure } from '../../../base/reference/index.ts'

/** Readings farther apart than this many of their doubts contradict each other. */
export const contradictFrom: Figure = {
  value: 1.5,
  unit: 'doubts',
  source: 'one pair in seven that agree would be farther apart by chance',
  mark: 'J',
}
/** Readings farther apart in time than this may both be right. */
export const sameTimeDays: Figure = {
  value: 21,
  unit: 'd',
  source: 'what soil and water hold strays over the seasons, not over three weeks',
  mark: 'J',
}

/** A strong fizz below this is odd: shell, mortar or fresh lime in the sample. */
export const oddFizzBelowPH: Figure = {
  value: 6.5,
  unit: 'pH',
  source: 'free lime and a pH under it do not last side by side (handbook of soils, from memory)',
  mark: 'M',
}
