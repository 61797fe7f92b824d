import { judged } from '../../../base/reference/index.ts'

/** Recoveries by which intervals are weighed. */
export const drawnIntervals = judged(160, '', 'strays by about two days')
/** Longer apart, treatments are no programme. */
export const longestInterval = judged(180, 'd', 'half a year')
/** An interval that costs so many times the best is as good. */
export const asGoodAs = judged(
  1.05,
  'times',
  'a twentieth is less than any of its figures is known to',
)
