import type { StandSizeDto } from '@spudder/contract/stand'
import type { UnitSystem } from '@spudder/core/quantity'
import { amountWords } from './amount-words.ts'

/** A stand's size as it is said: "24 trunks of 12 in". */
export function sizeWords(size: StandSizeDto, system: UnitSystem): string {
  switch (size.kind) {
    case 'area':
      return amountWords('area', size.areaM2 ?? 0, system, 2)
    case 'trunks':
      return `${size.count} trunks of ${amountWords('length', size.diameterM ?? 0, system, 2)}`
    case 'pots':
      return `${size.count} pots of ${amountWords('volume', size.potL ?? 0, system, 2)}`
    case 'solution':
      return amountWords('volume', size.volumeL ?? 0, system, 2)
  }
}
