import type { Sourced } from '../../../base/reference/index.ts'

/** The sign is from the source; how much it weighs is our judgement, whatever book names the sign. */
export const judgedFrom = (source: string): Sourced => ({
  source: `${source}: which way it points; how far is our judgement`,
  mark: 'J',
})
