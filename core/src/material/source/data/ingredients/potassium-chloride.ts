import type { Ingredient } from '../../facts/ingredient.ts'

export const potassiumChloride: Ingredient = {
  id: 'potassium-chloride',
  name: 'potassium chloride',
  contents: { K2O: 0.6318 },
  sulfurAs: 'none',
  labelNames: ['potassium chloride', 'muriate of potash'],
  source: 'formula masses of IUPAC',
  mark: 'D',
}
