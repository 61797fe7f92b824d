import { judged } from '../../../base/reference/index.ts'

/** Of the doubt of a buffering that was figured, how much all ground of a place shares. */
export const betweenPlaces = judged(
  0.4,
  '',
  'share of the variance: one rock lies under most of it',
)
/** How far one plan strays from another on the same ground, in doubts of what was figured. */
export const planStrays = judged(
  0.3,
  'doubts',
  'depth, cores and rain are not as the path has them',
)
/** How surely it is known how far stands differ, and plans on one. */
export const scalesWorth = judged(6, 'times', 'within a half to twice of it, mostly')
/** What was seen so long ago counts half as much. */
export const halfForgotten = judged(
  5000,
  'd',
  'ground is dug, filled and dressed within a working life',
)
/** A buffering that is still so near as doubtful as it was figured says that too little was seen. */
export const stillAsDoubtful = judged(0.85, '', 'a tenth of an amount is spread unevenly anyway')
