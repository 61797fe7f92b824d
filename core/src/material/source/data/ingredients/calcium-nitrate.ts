import type { Ingredient } from '../../facts/ingredient.ts'

export const calciumNitrate: Ingredient = {
  id: 'calcium-nitrate',
  name: 'calcium nitrate',
  contents: { N: 0.155, Ca: 0.19 },
  sulfurAs: 'none',
  labelNames: ['calcium nitrate'],
  source: 'trade grade',
  mark: 'C',
}
