import { Matrix, QrDecomposition } from 'ml-matrix'
import { byteOf, darkGreenIndex, lightOf, type Rgb } from './colour.ts'
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

/** Weight of what is known beforehand: that channels mix little and black stays black. */
const restraint = 0.02
/** Light added when errors are made relative, so that black patches do not rule. */
const floor = 0.06

/**
 * The correction that brings the patches of the card back to their colours, by least squares of
 * relative errors in light; burnt-out patches say nothing and are left out.
 */
export function correctionFor(seen: readonly SeenPatch[]): ColourCorrection {
  const sound = seen.filter(({ clipped, light }) => clipped < 0.2 && light.every(Number.isFinite))
  const mean = (channel: number) => sound.reduce((sum, { light }) => sum + (light[channel] ?? 0), 0)
  return [0, 1, 2].map((channel) => {
    const rows = sound.map(({ patch, light }) => {
      const aim = lightOf(patch.rgb[channel] ?? 0)
      const weight = 1 / (aim + floor)
      return { row: [...light, 1].map((each) => each * weight), aim: aim * weight }
    })
    const aims = sound.reduce((sum, { patch }) => sum + lightOf(patch.rgb[channel] ?? 0), 0)
    const gain = aims / (mean(channel) || 1)
    const held = [0, 1, 2, 3].map((column) => {
      // The last column is a glare over all: it is held near nothing, the more the lighter it is.
      const scale = column === 3 ? restraint * 60 : restraint / Math.max(gain, 1e-6)
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
  const leafy = seen.filter(
    ({ patch, clipped }) => patch.name.match(/green|yellow/) && clipped < 0.2,
  )
  const errors = leafy.map(({ patch, light }) => {
    const [red, green, blue] = corrected(correction, light).map(byteOf)
    return darkGreenIndex(red ?? 0, green ?? 0, blue ?? 0) - darkGreenIndex(...patch.rgb)
  })
  return Math.sqrt(errors.reduce((sum, each) => sum + each * each, 0) / errors.length)
}
