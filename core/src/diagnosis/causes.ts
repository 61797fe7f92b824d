import type { Context } from '../plant/index.ts'
import type { Cause } from './data/cause.ts'
import { groundAndLivingCauses } from './data/ground-and-living-causes.ts'
import { ironCauses } from './data/iron-causes.ts'
import { nutrientCauses } from './data/nutrient-causes.ts'

/** Every cause known, something else last. */
export const allCauses: readonly Cause[] = [
  ...ironCauses,
  ...nutrientCauses,
  ...groundAndLivingCauses,
]

/** The causes that can occur in a context. */
export function causesOf(context: Context): readonly Cause[] {
  return allCauses.filter((cause) => cause.contexts?.includes(context) ?? true)
}
