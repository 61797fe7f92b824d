import type { Figure, Sourced } from '../../../base/reference/index.ts'

/** The sign is from the source; how much it weighs is our judgement, whatever book names the sign. */
export const judgedFrom = (source: string): Sourced => ({
  source: `${source}: which way it points; how far is our judgement`,
  mark: 'J',
})

/** A sign of the trade. */
export const practice = judgedFrom('common practice')
/** Nobody should buy iron for it. */
export const notIron = { remedy: 'not-iron' } as const

/** A bound or a worth that nobody states. */
export const judged = (value: number, unit: string, source: string): Figure => ({
  value,
  unit,
  source,
  mark: 'J',
})
