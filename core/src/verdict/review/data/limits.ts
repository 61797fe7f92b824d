import type { Figure } from '../../../base/reference/index.ts'

/** Rain in the first six hours that washes a spray off the leaf [mm]. */
export const washesOffMm: Figure = {
  value: 2,
  unit: 'mm',
  source:
    'a shower that makes leaves drip; common practice wants a dry leaf until the spray has dried in',
  mark: 'C',
}
/** Water below which a drench stays above the roots [L/m²]. */
export const leastDrenchMm: Figure = {
  value: 1,
  unit: 'L/m²',
  source: 'a drench or irrigation that carries it an inch down; less stays on thatch and mulch',
  mark: 'J',
}
/** Share of the iron still working below which the chelate was the wrong one for the pH. */
export const leastWorking: Figure = {
  value: 0.25,
  unit: '',
  source: 'a quarter: the same bound by which remedies are ranked',
  mark: 'J',
}
/** Chance of the verdict's iron causes below which it is doubtful that iron was short. */
export const leastIronChance: Figure = {
  value: 0.5,
  unit: '',
  source: 'as likely as not',
  mark: 'J',
}
/** Water poured at one plant below which it stays in the mulch [L]. */
export const leastPouredL: Figure = {
  value: 4,
  unit: 'L',
  source: 'a gallon a plant, the least that labels of drenches ask for',
  mark: 'C',
}
/** Share of a leaf spray that stayed on the leaf below which run-off explains that nothing greened [1]. */
export const leastStayed: Figure = {
  value: 0.5,
  unit: '',
  source: 'less than half of it stayed; the bound is judgement',
  mark: 'J',
}
