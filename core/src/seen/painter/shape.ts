/** A point of the drawing, x to the right and y down, in drawing units. */
export type Point = readonly [x: number, y: number]

/** One stroke or fill of a drawing, in the order in which it is laid down. */
export interface Shape {
  readonly kind: 'fill' | 'line'
  /** SVG path data. */
  readonly d: string
  readonly colour: string
  /** Line width in drawing units; only for lines. */
  readonly width?: number
  readonly opacity?: number
}

const spelled = ([x, y]: Point): string => `${x.toFixed(1)},${y.toFixed(1)}`

/** Path data through points; closed for outlines. */
export function pathThrough(points: readonly Point[], closed = false): string {
  if (points.length === 0) return ''
  return `M${points.map(spelled).join('L')}${closed ? 'Z' : ''}`
}
