import type { Context } from '../plant/index.ts'
import type { Cause } from './data/cause.ts'
import { ironCauses } from './data/iron-causes.ts'
import { otherCauses } from './data/other-causes.ts'

const allCauses: readonly Cause[] = [...ironCauses, ...otherCauses]

/** The causes that can occur in a context. */
export function causesOf(context: Context): readonly Cause[] {
  return allCauses.filter((cause) => cause.contexts?.includes(context) ?? true)
}
