import type { StandSizeDto } from '@spudder/contract/stand'
import { formatQuantity, inPlaceUnits, type UnitSystem } from '@spudder/core/quantity'

/** A stand's size as it is said: "24 trees of 12.2 in". */
export function sizeWords(size: StandSizeDto, system: UnitSystem): string {
  switch (size.kind) {
    case 'area':
      return formatQuantity(inPlaceUnits('area', size.areaM2 ?? 0, system))
    case 'trunks':
      return `${size.count} trunks of ${formatQuantity(inPlaceUnits('length', size.diameterM ?? 0, system))}`
    case 'pots':
      return `${size.count} pots of ${formatQuantity(inPlaceUnits('volume', size.potL ?? 0, system))}`
    case 'solution':
      return formatQuantity(inPlaceUnits('volume', size.volumeL ?? 0, system))
  }
}
