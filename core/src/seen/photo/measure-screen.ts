import { toneOf, type Rgb } from './colour.ts'
import { cardResidual, correctionFor, corrected } from './correct-colour.ts'
import { mostCardResidual } from './data/card.ts'
import { greennessPerIndex } from './data/limits.ts'
import { leastBrightness, leastScreenDoubt, mostBrightness, partOfPicture, screenCard } from './data/screen.ts' // prettier-ignore
import { findCard, sampleOf, type FoundCard } from './find-card.ts'
import { printFault, printFaultWords } from './judge-print.ts'
import { requirePicture, type Picture } from './picture.ts'
import { greenerBy } from './plant-table.ts'

/** What a screen makes of leaf colours: each as it is drawn and as it is seen there, 0 to 1. */
export interface ScreenMeasure {
  readonly points: readonly { readonly greenness: number; readonly shown: number }[]
  /** One deviation of all of them together. */
  readonly doubt: number
  /** Light of its white against that of the card's paper. */
  readonly brightness: number
}

/** The measure, or in words why there is none and what to do. */
export type MeasuredScreen = { readonly measure: ScreenMeasure } | { readonly refused: string }

interface Part {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** The picture whole, and its parts at every side: of two codes in one, a reader may take marks of both. */
function partsOf({ width, height }: Picture): Part[] {
  const [w, h] = [width, height].map((each) => Math.round(each * partOfPicture.value))
  if (w === undefined || h === undefined) return []
  return [
    { x: 0, y: 0, width: w, height },
    { x: width - w, y: 0, width: w, height },
    { x: 0, y: 0, width, height: h },
    { x: 0, y: height - h, width, height: h },
    { x: 0, y: 0, width, height },
  ]
}

function cut({ width, data }: Picture, part: Part): Picture {
  const own = new Uint8ClampedArray(part.width * part.height * 4)
  for (let row = 0; row < part.height; row++) {
    const from = ((part.y + row) * width + part.x) * 4
    own.set(data.subarray(from, from + part.width * 4), row * part.width * 4)
  }
  return { width: part.width, height: part.height, data: own }
}

/** A card, with the part of the picture in which it was found. */
interface CardInPart {
  readonly card: FoundCard
  readonly picture: Picture
}

/** The one with such a code that is found surest: its paper is evenest lit. */
function found(parts: readonly Picture[], text?: string): CardInPart | undefined {
  return parts
    .flatMap((picture): CardInPart[] => {
      const card = findCard(picture, text)
      return card ? [{ card, picture }] : []
    })
    .toSorted((a, b) => a.card.unevenness - b.card.unevenness)[0]
}

const luminance = ([red, green, blue]: Rgb): number => 0.2126 * red + 0.7152 * green + 0.0722 * blue

const words = {
  noCard:
    'The printed card was not found. Hold it flat beside what the screen shows, both whole in the picture.',
  noScreen:
    'What the screen shows was not found. Let it fill most of the screen, the card beside it, both whole in the picture.',
  bright: 'The screen is far brighter than the card. Turn it down, or put on more light, and take it again.', // prettier-ignore
  dark: 'The screen is far darker than the card. Turn it up, or sit out of the sun, and take it again.', // prettier-ignore
  light:
    'The light on the card is too odd to tell colours by. Take it by daylight, out of the sun.',
} as const

/**
 * What a screen makes of leaf colours, from one photo of it with the printed card beside it: the card sets the
 * camera right, and the leaf colours that the screen shows are read off. Its brightness is taken out: eyes go along
 * with that; its cast and its tones are not.
 * @param picture decoded and upright
 * @throws {CoreError} out-of-range where the bytes do not make up the pixels
 */
export function measureScreen(picture: Picture): MeasuredScreen {
  requirePicture(picture)
  const parts = partsOf(picture).map((part) => cut(picture, part))
  const printed = found(parts)?.card
  if (!printed) return { refused: words.noCard }
  const screen = found(parts, screenCard.code)
  if (!screen) return { refused: words.noScreen }
  const fault = printFault(printed)
  if (fault) return { refused: printFaultWords[fault] }
  const correction = correctionFor(printed.seen)
  const residual = cardResidual(printed.seen, correction)
  if (!(residual <= mostCardResidual.value)) return { refused: words.light }
  const { paper } = screen.card
  const brightness = paper ? luminance(corrected(correction, paper)) : Infinity
  if (!(brightness <= mostBrightness.value)) return { refused: words.bright }
  if (brightness < leastBrightness.value) return { refused: words.dark }
  const points = screenCard.fields.map(({ greenness, x, y, side }) => {
    const middle = { x: x + side / 4, y: y + side / 4, side: side / 2 }
    const { light } = sampleOf(screen.picture, screen.card.place, middle)
    const [red, green, blue] = corrected(correction, light)
    const seen: Rgb = [toneOf(red / brightness), toneOf(green / brightness), toneOf(blue / brightness)] // prettier-ignore
    return { greenness, shown: greenness + greenerBy(greenness, seen) }
  })
  if (points.some(({ shown }) => Number.isNaN(shown))) return { refused: words.noScreen }
  const doubt = Math.hypot(leastScreenDoubt.value, residual * greennessPerIndex.value)
  return { measure: { points, doubt, brightness } }
}
