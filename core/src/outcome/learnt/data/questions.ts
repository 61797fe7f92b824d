import type { Figure } from '../../../base/reference/index.ts'

/** What was put out longer ago says nothing of what will be spent. */
export const askedBack: Figure = {
  value: 1095,
  unit: 'd',
  source: 'three seasons: what is done changes from year to year',
  mark: 'J',
}
