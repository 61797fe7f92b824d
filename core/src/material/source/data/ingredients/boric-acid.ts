import type { Ingredient } from '../../facts/ingredient.ts'

export const boricAcid: Ingredient = {
  id: 'boric-acid',
  name: 'boric acid or borate',
  contents: { B: 0.1748 },
  sulfurAs: 'none',
  labelNames: ['boric acid', 'borate', 'borax'],
  source: 'formula masses of IUPAC',
  mark: 'D',
}
