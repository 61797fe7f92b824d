import type { Figure } from '../../../base/reference/index.ts'

/** Greenness that growers accept. */
export const acceptableGreenness: Figure = {
  value: 0.625,
  unit: '',
  source: '6 of 9 is acceptable turf: (6 − 1) / (9 − 1)',
  mark: 'D',
}
/** Greenness of a leaf that lacks nothing. */
export const healthyGreenness: Figure = {
  value: 0.89,
  unit: '',
  source: 'severity 0 on the scale above',
  mark: 'D',
}
/** Between looks further apart than this nobody can say what the leaves looked like. */
export const lookHolds: Figure = {
  value: 16,
  unit: 'd',
  source: 'about two weeks of growth',
  mark: 'J',
}
