import type { Ingredient } from '../../facts/ingredient.ts'

export const ammoniumNitrate: Ingredient = {
  id: 'ammonium-nitrate',
  name: 'ammonium nitrate',
  contents: { N: 0.35 },
  sulfurAs: 'none',
  labelNames: ['ammonium nitrate'],
  source: 'formula masses of IUPAC',
  mark: 'D',
}
