import type { Ingredient } from '../../facts/ingredient.ts'

export const potassiumPhosphate: Ingredient = {
  id: 'potassium-phosphate',
  name: 'monopotassium phosphate',
  contents: { P2O5: 0.5215, K2O: 0.3461 },
  sulfurAs: 'none',
  labelNames: ['monopotassium phosphate', 'potassium phosphate'],
  source: 'formula masses of IUPAC',
  mark: 'D',
}
