import { ironChecks } from './iron-values.ts'
import { leafChecks } from './leaf-values.ts'
import { plantPHChecks } from './plant-pH-values.ts'
import { soilChecks } from './soil-values.ts'
import type { OutsideCheck } from './publications.ts'

export { publications } from './publications.ts'
export type { OutsideCheck, Publication } from './publications.ts'

/** Every printed figure beside ours. */
export const outsideChecks: readonly OutsideCheck[] = [
  ...leafChecks,
  ...plantPHChecks,
  ...soilChecks,
  ...ironChecks,
]

/** How many times more or less ours is than printed. */
export function offBy({ printed, ours }: OutsideCheck): number {
  return Math.exp(Math.abs(Math.log(ours() / printed)))
}
