import type { Sourced } from '../../../../base/reference/index.ts'
import type { Loss, LossProcess } from '../../facts/loss.ts'

const judged = { source: 'days to seasons of common practice, as half-lives', mark: 'J' } as const
const byLight = {
  source: 'EDTA and DTPA lose their iron in days of light (common practice), as half-lives',
  mark: 'J',
} as const

/** Days in which half goes: fastest, usual, slowest. */
export const loss = (
  process: LossProcess,
  [low, usual, high]: readonly [number, number, number],
  from: Sourced,
): Loss => ({ process, halfLifeDays: { low, usual, high }, ...from })

/** Every form on a leaf that has any in it. */
export const newLeaves = [
  loss('growth', [10, 18, 28], {
    source: 'fades in 2 to 4 weeks, faster with growth and mowing (common practice)',
    mark: 'C',
  }),
]

/** EDTA and its like: weeks in soil, days in light. */
export const weakChelate = {
  soil: [
    loss('leaching', [8, 18, 40], {
      source: 'one to several weeks within their pH (common practice), as half-lives',
      mark: 'J',
    }),
  ],
  solution: {
    clear: [loss('light', [1.5, 4, 8], byLight)],
    covered: [loss('microbes', [10, 25, 60], judged)],
  },
}

/** EDDHA and its like in a solution. */
export const strongInSolution = {
  clear: [loss('light', [5, 12, 25], byLight)],
  covered: [loss('microbes', [20, 50, 120], judged)],
}
/** EDDHA in soil. */
export const seasonInSoil = [
  loss('leaching', [45, 90, 180], {
    source: 'a season (common practice), as half-lives',
    mark: 'J',
  }),
]

/** What microbes live on, in any tank. */
const eatenFast = [loss('microbes', [0.5, 2, 6], judged)]
export const eatenInSolution = { clear: eatenFast, covered: eatenFast }
export const eatenSlowly = [loss('microbes', [10, 25, 60], judged)]
export const eatenInDays = [loss('microbes', [1, 4, 10], judged)]
