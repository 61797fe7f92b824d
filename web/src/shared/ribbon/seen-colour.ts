import type { RibbonReadingDto } from '@spudder/contract/stand'
import {
  greennessReading,
  isColourKind,
  type ColourReadingKind,
  type SeenGreenness,
} from '@spudder/core/regreening'

/** A colour seen on a day, with the scale it was seen on. */
export interface SeenColour extends SeenGreenness {
  readonly kind: ColourReadingKind
  readonly value: number
}

type ColourReading = RibbonReadingDto & { readonly kind: ColourReadingKind }
const isColour = (reading: RibbonReadingDto): reading is ColourReading => isColourKind(reading.kind)

/** The colour readings among readings, in the order of their days. */
export function seenColours(readings: readonly RibbonReadingDto[]): SeenColour[] {
  return readings
    .filter(isColour)
    .map((reading) => ({
      day: reading.takenOn,
      kind: reading.kind,
      value: reading.value,
      ...greennessReading(reading),
    }))
    .toSorted((a, b) => a.day.localeCompare(b.day))
}
