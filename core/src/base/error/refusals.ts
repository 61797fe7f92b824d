import { figureRefusals } from './data/figure-refusals.ts'
import { nameRefusals } from './data/name-refusals.ts'
import { tradeRefusals } from './data/trade-refusals.ts'

/**
 * Every refusal of the core with its sentence; nothing is refused in other words. A refusal that is
 * thrown and not in here does not compile, nor does one without its values.
 */
export const refusals = { ...figureRefusals, ...nameRefusals, ...tradeRefusals }

export type RefusalName = keyof typeof refusals
/** What the sentence of a refusal wants to know; `undefined` where it wants nothing. */
export type RefusalValues<Name extends RefusalName> = Parameters<
  (typeof refusals)[Name]['expected']
>[0]
