import { isNone } from '../../base/reference/index.ts'
import * as onLabelsOnly from './data/ingredients/index.ts'
import type { Ingredient } from './facts/ingredient.ts'
import { amendments, otherSources } from './find-source.ts'

/**
 * Compact forms of each nutrient of a label: where a label does not say which, these leave the iron
 * the most room.
 */
export const ingredients: readonly Ingredient[] = [
  ...[...amendments, ...otherSources].flatMap(({ asIngredient }) =>
    isNone(asIngredient) ? [] : [asIngredient],
  ),
  ...Object.values(onLabelsOnly),
]
