import type { Ingredient } from '../../facts/ingredient.ts'

export const potassiumNitrate: Ingredient = {
  id: 'potassium-nitrate',
  name: 'potassium nitrate',
  contents: { N: 0.1385, K2O: 0.4658 },
  sulfurAs: 'none',
  labelNames: ['potassium nitrate'],
  source: 'formula masses of IUPAC',
  mark: 'D',
}
