import type { Ingredient } from '../../facts/ingredient.ts'

export const ammoniumPhosphate: Ingredient = {
  id: 'ammonium-phosphate',
  name: 'monoammonium phosphate',
  contents: { N: 0.1218, P2O5: 0.617 },
  sulfurAs: 'none',
  labelNames: ['monoammonium phosphate', 'ammonium phosphate'],
  source: 'formula masses of IUPAC',
  mark: 'D',
}
