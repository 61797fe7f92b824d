import type { Ingredient } from '../../facts/ingredient.ts'

export const potassiumSulfate: Ingredient = {
  id: 'potassium-sulfate',
  name: 'potassium sulfate',
  contents: { K2O: 0.5405, S: 0.184 },
  sulfurAs: 'sulfate',
  labelNames: ['potassium sulfate', 'sulfate of potash', 'potassium sulphate'],
  source: 'formula masses of IUPAC',
  mark: 'D',
}
