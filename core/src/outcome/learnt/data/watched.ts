import type { Figure } from '../../../base/reference/index.ts'

/** A colour seen so long before a treatment still says what it began from. */
export const beforeWithin: Figure = {
  value: 16,
  unit: 'd',
  source: 'as long as a look holds on a ribbon: about two weeks of growth',
  mark: 'J',
}
/** So long, in times the longest that it usually lasts, looks are still put down to a treatment. */
export const watchedFor: Figure = {
  value: 2,
  unit: 'times',
  source: 'what was gained is gone by then; what changes later is weather',
  mark: 'J',
}
