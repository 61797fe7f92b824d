import type { Label } from '../../material/label/index.ts'
import { findSource } from '../../material/source/index.ts'
import { seasonNutrients, type SeasonNutrient } from './data/limits.ts'

/** Nutrients of a product by mass [1]. */
export type Contents = Readonly<Partial<Record<SeasonNutrient, number>>>

/**
 * What a form of the catalogue brings.
 * @param contentShare of its nutrient by mass, as it was calculated with [1]
 * @throws {CoreError} unknown-name for a source that the catalogue has not
 */
export function contentsOfSource(sourceId: string, contentShare: number): Contents {
  const { nutrient, brings } = findSource(sourceId)
  const own = seasonNutrients.find((each) => each === nutrient)
  const all = { ...brings, ...(own ? { [own]: contentShare } : {}) }
  return Object.fromEntries(Object.entries(all).filter(([, share]) => share > 0))
}

/** What a product brings by its guaranteed analysis. */
export function contentsOfLabel({ totals, iron }: Label): Contents {
  const given = seasonNutrients.flatMap((nutrient) => {
    const percent = nutrient === 'Fe' ? iron : totals[nutrient]
    return percent === undefined ? [] : [[nutrient, percent / 100]]
  })
  return Object.fromEntries(given) as Contents
}
