import { randomLcg, randomNormal } from 'd3-random'
import type { LeafForm } from '../../stand/plant/index.ts'
import { leafColour } from '../colour/index.ts'
import { leafFrame } from './leaf-frame.ts'
import { leafOutline } from './outline.ts'
import { pathThrough, type Shape } from './shape.ts'
import { veinsOf } from './veins.ts'

/** Leaves seen from above, strewn over the ground. */
export interface Canopy {
  readonly leafForm: LeafForm
  /** Size of the drawing, in drawing units. */
  readonly width: number
  readonly height: number
  /** Greenness between the veins, 0 to 1, and how far single leaves stray from it. */
  readonly greenness: number
  readonly spread: number
  /** Greenness along the veins; absent: as between them. */
  readonly veinGreenness?: number | undefined
  readonly leafCount: number
  readonly leafLength: number
  /** Decides where leaves fall: the same seed, the same drawing. */
  readonly seed: number
}

const within = (value: number): number => Math.min(1, Math.max(0, value))

/** Draws leaves strewn over a ground, in the colours asked for. */
export function paintCanopy(canopy: Canopy): readonly Shape[] {
  const random = randomLcg(canopy.seed)
  const stray = randomNormal.source(random)(0, canopy.spread)
  const { leafForm, veinGreenness } = canopy
  const outline = leafOutline(leafForm)
  const veins = veinsOf(leafForm)
  return Array.from({ length: canopy.leafCount }, () => {
    const length = canopy.leafLength * (0.75 + 0.5 * random())
    const angle = random() * 2 * Math.PI
    const [middleX, middleY] = [random() * canopy.width, random() * canopy.height]
    const frame = leafFrame({
      x: middleX - (Math.sin(angle) * length) / 2,
      y: middleY + (Math.cos(angle) * length) / 2,
      angle,
      length,
      bend: (random() - 0.5) * 0.6,
    })
    const off = stray()
    const lines = veinGreenness === undefined ? [] : [...veins.main, ...veins.side]
    return [
      {
        kind: 'fill' as const,
        d: pathThrough(
          outline.map(([u, t]) => frame(u, t)),
          true,
        ),
        colour: leafColour(within(canopy.greenness + off)),
      },
      ...lines.map((points) => ({
        kind: 'line' as const,
        d: pathThrough(points.map(([u, t]) => frame(u, t))),
        colour: leafColour(within((veinGreenness ?? 0) + off)),
        width: length * 0.02,
      })),
    ]
  }).flat()
}
