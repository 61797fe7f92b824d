import type { Context, Plant } from '../../stand/plant/index.ts'
import { ageCauses } from './data/age-causes.ts'
import { bounds } from './data/bounds.ts'
import type { Cause } from './data/cause.ts'
import { groundCauses } from './data/ground-causes.ts'
import { ironCauses } from './data/iron-causes.ts'
import { leafCauses } from './data/leaf-causes.ts'
import { livingCauses } from './data/living-causes.ts'
import { movingNutrientCauses } from './data/moving-nutrient-causes.ts'
import { stillNutrientCauses } from './data/still-nutrient-causes.ts'
import { weatherCauses } from './data/weather-causes.ts'
import { workCauses } from './data/work-causes.ts'

/** Every cause known, something else last. */
export const allCauses: readonly Cause[] = [
  ...ironCauses,
  ...movingNutrientCauses,
  ...stillNutrientCauses,
  ...groundCauses,
  ...ageCauses,
  ...weatherCauses,
  ...workCauses,
  ...leafCauses,
  ...livingCauses,
]

/** The causes that can occur in a context. */
export function causesOf(context: Context): readonly Cause[] {
  return allCauses.filter((cause) => cause.contexts?.includes(context) ?? true)
}

/** Whether a cause is met on a plant at all: citrus has a decline of its own. */
export function occursOn({ times }: Cause, { tissue }: Pick<Plant, 'tissue'>): boolean {
  const { citrus, other } = times.plantKind ?? {}
  return ((tissue === 'citrus' ? citrus : other) ?? 1) >= bounds.hardlyEver.value
}
