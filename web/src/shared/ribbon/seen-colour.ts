import type { RibbonReadingDto } from '@spudder/contract/stand'
import {
  isOfStand,
  type Came,
  type ColourReadingKind,
  type ReadingPlace,
} from '@spudder/core/seen/reading'
import { greennessReading, isColourKind, type SeenGreenness } from '@spudder/core/seen/colour'
import { eyeBehind, raterOf, seenWith, type Eye } from '@spudder/core/seen/eye'

/** A colour seen on a day, with the scale it was seen on. */
export interface SeenColour extends SeenGreenness {
  readonly kind: ColourReadingKind
  /** As it was said; the greenness is put right by the eye. */
  readonly value: number
  readonly isSimulated: boolean
  /** The eye that it was put right by. */
  readonly eye: Eye | undefined
}

/** A reading as a ribbon or a story tells it; rows of the estate are of the stand itself. */
type Told = RibbonReadingDto & {
  readonly place?: ReadingPlace | null
  readonly doubt?: number | null
  readonly came?: Came
  readonly createdBy?: string
}
/** Whether a reading was made up, as a ribbon or a story tells it. */
export const isMadeUp = ({ isSimulated, came }: Told): boolean =>
  isSimulated === true || came?.how === 'simulated'

type ColourReading = Told & { readonly kind: ColourReadingKind }
const isColour = (reading: Told): reading is ColourReading => isColourKind(reading.kind)

/** Who rated it by eye: a ribbon says so, of a story it follows from how the reading came. */
const ratedBy = ({ method, came, createdBy, ratedBy: told }: Told): string | undefined =>
  came && createdBy !== undefined ? raterOf({ method, came, createdBy }) : told

/**
 * A colour as its reading tells it, put right by the eye that gave it.
 * @param eyes those that were measured; none: as it was said
 */
function colourSeen(reading: ColourReading, eyes: readonly Eye[]): SeenColour {
  const rated = { ...reading, ratedBy: ratedBy(reading) }
  return {
    day: reading.takenOn,
    kind: reading.kind,
    value: reading.value,
    isSimulated: isMadeUp(reading),
    eye: eyeBehind(eyes, rated),
    ...greennessReading(seenWith(eyes, rated)),
  }
}

/** The colours of a strip that was left without something, in the order of their days. */
export const stripColours = (
  readings: readonly Told[],
  strip: 'untreated' | 'no-nitrogen',
  eyes: readonly Eye[],
): SeenColour[] =>
  coloursOf(
    readings.filter(({ place }) => place === strip),
    eyes,
  )

/** The colours of a stand among its readings, in the order of their days. */
export const seenColours = (readings: readonly Told[], eyes: readonly Eye[]): SeenColour[] =>
  coloursOf(readings.filter(isOfStand), eyes)

function coloursOf(readings: readonly Told[], eyes: readonly Eye[]): SeenColour[] {
  return readings
    .filter(isColour)
    .map((reading) => colourSeen(reading, eyes))
    .toSorted((a, b) => a.day.localeCompare(b.day))
}
