import type { FoundCard } from './find-card.ts'
import type { PrintFault } from './judge-print.ts'

/** What stands against a photo, and what to do. */
export interface PhotoRemark {
  readonly id: string
  /** Whether it makes the photo worthless to compare, or only doubtful. */
  readonly refuses: boolean
  readonly words: string
}

/** Severity of a pixel that is no plant. */
export const noPlant = 255

/** What light and lens made of a picture. */
export interface PictureLight {
  /** Mean light before correction, 0 to 1. */
  readonly mean: number
  /** Share of plant pixels that are burnt out. */
  readonly clipped: number
  /** Change of light between neighbours against its spread. */
  readonly sharpness: number
  /** Mean colourfulness, as the widest span of the channels in bytes. */
  readonly chroma: number
}

/** What a photo says of the leaves in it. */
export interface PhotoMeasure {
  readonly width: number
  readonly height: number
  /** Mean dark green colour index over plant pixels, with one deviation. */
  readonly darkGreenIndex: number
  readonly doubt: number
  /** Mean greenness of plant pixels on the scale of ribbons, 0 to 1. */
  readonly greenness: number
  readonly greennessDoubt: number
  /** Share of the picture, without the card, that is plant. */
  readonly cover: number
  readonly veinContrast: number
  /** Share of the plant of each severity, 0 to 5. */
  readonly severityShares: readonly number[]
  /** Severity 0 to 5 of each pixel, {@link noPlant} elsewhere. */
  readonly severityMap: Uint8Array
  readonly light: PictureLight
  readonly card: Pick<FoundCard, 'corners' | 'widthPx' | 'unevenness'> | undefined
  /** What is wrong with the print of the card; undefined where nothing is, or there is none. */
  readonly printFault: PrintFault | undefined
  /** How far the card's own leaf colours stay off after correction. */
  readonly cardResidual: number | undefined
  /** What stands against it, the gravest first; one that refuses makes it worthless to compare. */
  readonly remarks: readonly PhotoRemark[]
}
