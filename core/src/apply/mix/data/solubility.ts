import type { SourceId } from '../../../material/source/index.ts'
import type { Sourced } from '../../../base/reference/index.ts'

/** What dissolves in a litre of cool water [g/L of product at 20 °C]. */
export interface Solubility extends Sourced {
  readonly gPerL: number
}

const crc = { source: 'CRC Handbook, rounded down', mark: 'M' } as const
const makers = { source: 'data sheets of chelate makers, rounded down', mark: 'M' } as const

/** Where a form is missing, nobody states a limit: try a little first. */
export const solubility: Readonly<Partial<Record<SourceId, Solubility>>> = {
  'ferrous-sulfate': { gPerL: 250, ...crc },
  'ferrous-sulfate-monohydrate': { gPerL: 150, source: 'dissolves slowly', mark: 'J' },
  'ferrous-ammonium-sulfate': { gPerL: 260, ...crc },
  'fe-edta': { gPerL: 90, ...makers },
  'fe-hedta': { gPerL: 150, ...makers },
  'fe-dtpa': { gPerL: 100, ...makers },
  'fe-eddha': { gPerL: 60, ...makers },
  'fe-hbed': { gPerL: 60, ...makers },
  'iron-citrate': { gPerL: 50, source: 'dissolves slowly in cold water', mark: 'J' },
  'manganese-sulfate': { gPerL: 500, ...crc },
  'zinc-sulfate': { gPerL: 500, ...crc },
  'epsom-salt': { gPerL: 700, ...crc },
  'mn-edta': { gPerL: 500, ...makers },
  'zn-edta': { gPerL: 500, ...makers },
}
