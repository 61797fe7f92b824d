import type { RibbonReadingDto } from '@spudder/contract/stand'
import {
  isOfStand,
  type Came,
  type ColourReadingKind,
  type ReadingPlace,
} from '@spudder/core/seen/reading'
import { greennessReading, isColourKind, type SeenGreenness } from '@spudder/core/seen/colour'

/** A colour seen on a day, with the scale it was seen on. */
export interface SeenColour extends SeenGreenness {
  readonly kind: ColourReadingKind
  readonly value: number
  readonly isSimulated: boolean
}

/** A reading as a ribbon or a story tells it; rows of the estate are of the stand itself. */
type Told = RibbonReadingDto & {
  readonly place?: ReadingPlace | null
  readonly doubt?: number | null
  readonly came?: Came
}
/** Whether a reading was made up, as a ribbon or a story tells it. */
export const isMadeUp = ({ isSimulated, came }: Told): boolean =>
  isSimulated === true || came?.how === 'simulated'

type ColourReading = Told & { readonly kind: ColourReadingKind }
const isColour = (reading: Told): reading is ColourReading => isColourKind(reading.kind)

/** The colours of a strip that was left without something, in the order of their days. */
export const stripColours = (
  readings: readonly Told[],
  strip: 'untreated' | 'no-nitrogen',
): SeenColour[] => coloursOf(readings.filter(({ place }) => place === strip))

/** The colours of a stand among its readings, in the order of their days. */
export const seenColours = (readings: readonly Told[]): SeenColour[] =>
  coloursOf(readings.filter(isOfStand))

function coloursOf(readings: readonly Told[]): SeenColour[] {
  return readings
    .filter(isColour)
    .map((reading) => ({
      day: reading.takenOn,
      kind: reading.kind,
      value: reading.value,
      isSimulated: isMadeUp(reading),
      ...greennessReading(reading),
    }))
    .toSorted((a, b) => a.day.localeCompare(b.day))
}
