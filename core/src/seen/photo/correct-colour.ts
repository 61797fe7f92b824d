import { Matrix, QrDecomposition } from 'ml-matrix'
import { byteOf, darkGreenIndex, lightOf, type Rgb } from './colour.ts'
import {
  correctionRestraint,
  glareRestraint,
  mostClippedPatch,
  relativeFloor,
} from './data/card.ts'
import type { SeenPatch } from './find-card.ts'

/** Light as the camera saw it to light as it would be under white: three rows of four numbers. */
export type ColourCorrection = readonly (readonly [number, number, number, number])[]

export const noCorrection: ColourCorrection = [
  [1, 0, 0, 0],
  [0, 1, 0, 0],
  [0, 0, 1, 0],
]

/** Light after correction. */
export function corrected(correction: ColourCorrection, [red, green, blue]: Rgb): Rgb {
  const [a = 0, b = 0, c = 0] = correction.map(
    ([r, g, bl, rest]) => r * red + g * green + bl * blue + rest,
  )
  return [a, b, c]
}

/** Whether a patch can be read: burnt-out ones have lost their colour. */
const isSound = ({ clipped }: SeenPatch): boolean => clipped < mostClippedPatch.value

/**
 * The correction that brings the patches of the card back to their colours, by least squares of
 * relative errors in light; burnt-out patches say nothing and are left out.
 */
export function correctionFor(seen: readonly SeenPatch[]): ColourCorrection {
  const sound = seen.filter((each) => isSound(each) && each.light.every(Number.isFinite))
  const mean = (channel: number) => sound.reduce((sum, { light }) => sum + (light[channel] ?? 0), 0)
  return [0, 1, 2].map((channel) => {
    const rows = sound.map(({ patch, light }) => {
      const aim = lightOf(patch.rgb[channel] ?? 0)
      const weight = 1 / (aim + relativeFloor.value)
      return { row: [...light, 1].map((each) => each * weight), aim: aim * weight }
    })
    const aims = sound.reduce((sum, { patch }) => sum + lightOf(patch.rgb[channel] ?? 0), 0)
    const gain = aims / (mean(channel) || 1)
    const held = [0, 1, 2, 3].map((column) => {
      // The last column is a glare over all: it is held near nothing.
      const scale =
        column === 3 ? glareRestraint.value : correctionRestraint.value / Math.max(gain, 1e-6)
      return {
        row: [0, 1, 2, 3].map((each) => (each === column ? scale : 0)),
        aim: column === channel ? gain * scale : 0,
      }
    })
    const all = [...rows, ...held]
    const [red = 0, green = 0, blue = 0, rest = 0] = new QrDecomposition(
      new Matrix(all.map(({ row }) => row)),
    )
      .solve(Matrix.columnVector(all.map(({ aim }) => aim)))
      .to1DArray()
    return [red, green, blue, rest] as const
  })
}

/** How far the index of the green and yellow patches stays off after correction, root mean square. */
export function cardResidual(seen: readonly SeenPatch[], correction: ColourCorrection): number {
  const leafy = seen.filter((each) => isSound(each) && /green|yellow/.test(each.patch.name))
  const errors = leafy.map(({ patch, light }) => {
    const [red, green, blue] = corrected(correction, light).map(byteOf)
    return darkGreenIndex(red ?? 0, green ?? 0, blue ?? 0) - darkGreenIndex(...patch.rgb)
  })
  return Math.sqrt(errors.reduce((sum, each) => sum + each * each, 0) / errors.length)
}
