import type { FeedSolution } from '../../chemistry/index.ts'
import type { Sourced } from '../../../base/reference/index.ts'

/** A feed solution of fruiting crops [mmol/L]; what is taken where nobody analysed the own. */
export const usualFeed: FeedSolution & Sourced = {
  ironMmolPerL: 0.036,
  otherMetalsMmolPerL: { Ca: 4, Mg: 2, Zn: 0.003, Cu: 0.001, Mn: 0.01 },
  source: 'feed recipes of fruiting crops, about; 2 mg/L iron',
  mark: 'C',
}
