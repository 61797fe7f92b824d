import type { Figure } from '../../../base/reference/index.ts'

/** What a label's rounded figures may come to over 100 g and still be true. */
export const labelRounding: Figure = {
  value: 0.5,
  unit: 'g/100 g',
  source: 'figures of labels are printed to a tenth or a whole',
  mark: 'J',
}

/** Up to which pH of soil schools use a plain sulfate. */
export const saltCeiling: Figure = {
  value: 7,
  unit: 'pH',
  source: 'in soil over pH 7 sulfate turns to hydroxide, common practice',
  mark: 'C',
}
