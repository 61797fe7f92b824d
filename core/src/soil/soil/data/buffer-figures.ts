import type { Figure } from '../../../base/reference/index.ts'
import * as buffering from './buffering.ts'

/** Every figure that buffering is calculated by, with the name it is shown under. */
export const bufferFigures: readonly (readonly [name: string, figure: Figure])[] = [
  ['clay, acid for one pH and percent', buffering.clayBuffer],
  ['organic matter, acid for one pH and percent', buffering.organicBuffer],
  ['exchange capacity, acid for one pH', buffering.exchangeBuffer],
  ['from pH 6.5 to 7, share of what it holds below', buffering.nearNeutral],
  ['from pH 7 to 7.5, on top', buffering.aboveSeven],
  ['above pH 7.5, on top', buffering.aboveSevenAndHalf],
  ['below pH 4, times', buffering.belowFour],
  ...Object.entries(buffering.bufferDoubt).map(
    ([name, figure]) => [`doubt by ${name}, ln`, figure] as const,
  ),
]
