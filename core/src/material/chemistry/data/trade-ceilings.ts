import type { Sourced } from '../../../base/reference/index.ts'
import type { LigandId } from './ligands.ts'

/** A rule of thumb of a school: up to which pH of soil a chelate is of use. */
export interface TradeCeiling extends Sourced {
  readonly ligandId: LigandId
  /** The ceilings that practitioners name, lowest first [pH]. */
  readonly pHs: readonly number[]
  readonly words: string
}

const practice = { source: 'common practice', mark: 'C' } as const

/** Ceilings in soil as practitioners state them; none names what share is left there. */
export const tradeCeilings: readonly TradeCeiling[] = [
  { ligandId: 'edta', pHs: [6, 6.5, 7], words: 'to pH 6, 6.5 or 7, by school', ...practice },
  { ligandId: 'hedta', pHs: [6.5, 7], words: 'between EDTA and DTPA', ...practice },
  { ligandId: 'dtpa', pHs: [7, 7.5], words: 'to pH 7 or 7.5, by school', ...practice },
  { ligandId: 'eddha', pHs: [9], words: 'past pH 9', ...practice },
  { ligandId: 'hbed', pHs: [9], words: 'past pH 9, and longer', ...practice },
  { ligandId: 'citrate', pHs: [], words: 'never in soil', ...practice },
]
