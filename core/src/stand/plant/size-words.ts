import type { StandSize } from './stand-size.ts'
import { amountWords, type UnitSystem } from '../../base/quantity/index.ts'

/** A stand's size as it is said: "24 trunks of 12 in". */
export function sizeWords(size: StandSize, system: UnitSystem): string {
  switch (size.kind) {
    case 'area':
      return amountWords('area', size.areaM2, system, 2)
    case 'trunks':
      return `${size.count} ${size.count === 1 ? 'trunk' : 'trunks'} of ${amountWords('length', size.diameterM, system, 2)}`
    case 'pots':
      return `${size.count} ${size.count === 1 ? 'pot' : 'pots'} of ${amountWords('volume', size.potL, system, 2)}`
    case 'solution':
      return amountWords('volume', size.volumeL, system, 2)
  }
}
