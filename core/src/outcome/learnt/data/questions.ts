import { judged, type Figure } from '../../../base/reference/index.ts'

/** What was put out longer ago says nothing of what will be spent. */
export const askedBack: Figure = {
  value: 1095,
  unit: 'd',
  source: 'three seasons: what is done changes from year to year',
  mark: 'J',
}
/** Of less in a year a trial is not worth its plots. */
export const leastWorth = judged(
  5,
  'of the money of the place',
  'an hour of marking out costs more',
)
