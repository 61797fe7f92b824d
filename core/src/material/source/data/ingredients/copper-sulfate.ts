import type { Ingredient } from '../../facts/ingredient.ts'

export const copperSulfate: Ingredient = {
  id: 'copper-sulfate',
  name: 'copper sulfate',
  contents: { Cu: 0.2545, S: 0.1284 },
  sulfurAs: 'sulfate',
  labelNames: ['copper sulfate', 'copper sulphate'],
  source: 'formula masses of IUPAC',
  mark: 'D',
}
