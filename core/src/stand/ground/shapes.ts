import { CoreError, requireInRange } from '../../base/error/index.ts'
import { areaOf, checkOutline, type GridPoint, type Outline } from './outline.ts'

/** How a piece of ground was measured, as it is walked with a tape. */
export type Shape =
  | { readonly kind: 'sides'; readonly lengthM: number; readonly widthM: number }
  | { readonly kind: 'circle'; readonly diameterM: number }
  | { readonly kind: 'triangle'; readonly sidesM: readonly [number, number, number] }
  /** Widths measured across a straight line, the first at its start, the last at its end. */
  | { readonly kind: 'offsets'; readonly lengthM: number; readonly widthsM: readonly number[] }
  | { readonly kind: 'outline'; readonly outline: Outline }

/** Ground that was measured: its area, its edge for drawing and how it was calculated. */
export interface MeasuredGround {
  readonly areaM2: number
  readonly outline: Outline
  readonly formula: string
}

const metres = { min: 0.1, max: 20000, unit: 'm' }
const side = (name: string, value: number) => requireInRange(name, value, metres)
/** Corners that a circle is drawn with; its area is that of the circle. */
const circleCorners = 72

function triangleOf([a, b, c]: readonly [number, number, number]): MeasuredGround {
  for (const [index, value] of [a, b, c].entries()) side(`side ${index + 1}`, value)
  // The third corner by the law of cosines from the first side as base.
  const east = (a * a + b * b - c * c) / (2 * a)
  const squared = b * b - east * east
  if (squared <= 1e-9 * b * b) {
    throw new CoreError('sides-do-not-close', {
      parameter: 'sides',
      received: `${a}, ${b}, ${c} m`,
    })
  }
  const outline: Outline = [
    [0, 0],
    [a, 0],
    [east, Math.sqrt(squared)],
  ]
  return { areaM2: areaOf(outline), outline, formula: 'area from three sides (Heron)' }
}

function offsetsOf(lengthM: number, widthsM: readonly number[]): MeasuredGround {
  side('length', lengthM)
  if (widthsM.length < 2) {
    throw new CoreError('too-few-widths', {
      parameter: 'widths',
      received: String(widthsM.length),
    })
  }
  for (const [index, width] of widthsM.entries()) {
    requireInRange(`width ${index + 1}`, width, { ...metres, min: 0 })
  }
  const step = lengthM / (widthsM.length - 1)
  const upper = widthsM.map((width, i): GridPoint => [i * step, width / 2])
  const lower = widthsM.map((width, i): GridPoint => [i * step, -width / 2]).toReversed()
  const outline = [...upper, ...lower].filter(
    (point, i, all) =>
      !all.slice(0, i).some((each) => each[0] === point[0] && each[1] === point[1]),
  )
  checkOutline(outline)
  return {
    areaM2: areaOf(outline),
    outline,
    formula: 'area = distance between widths × (half the end widths + the others)',
  }
}

/**
 * Area and edge of ground measured with a tape or drawn.
 * @throws {CoreError} out-of-range, not-a-number, not-applicable where the measures do not close
 * @source plane geometry; offsets by the trapezoidal rule of surveying
 */
export function measureGround(shape: Shape): MeasuredGround {
  switch (shape.kind) {
    case 'sides': {
      const [long, wide] = [side('length', shape.lengthM), side('width', shape.widthM)]
      const outline: Outline = [
        [0, 0],
        [long, 0],
        [long, wide],
        [0, wide],
      ]
      return { areaM2: long * wide, outline, formula: 'area = length × width' }
    }
    case 'circle': {
      const radius = side('diameter', shape.diameterM) / 2
      const outline = Array.from({ length: circleCorners }, (_, i): GridPoint => {
        const angle = (2 * Math.PI * i) / circleCorners
        return [radius + radius * Math.cos(angle), radius + radius * Math.sin(angle)]
      })
      return { areaM2: Math.PI * radius ** 2, outline, formula: 'area = π × (diameter ÷ 2)²' }
    }
    case 'triangle':
      return triangleOf(shape.sidesM)
    case 'offsets':
      return offsetsOf(shape.lengthM, shape.widthsM)
    case 'outline': {
      const outline = checkOutline(shape.outline)
      return { areaM2: areaOf(outline), outline, formula: 'area inside the corners (shoelace)' }
    }
  }
}
