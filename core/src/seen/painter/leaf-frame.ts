import type { Point } from './shape.ts'

/** Where a leaf stands and how it bends. */
export interface LeafPose {
  readonly x: number
  readonly y: number
  /** Direction at the base: 0 up, positive to the right [rad]. */
  readonly angle: number
  readonly length: number
  /** How far the direction turns from base to tip [rad]. */
  readonly bend: number
}

/** Turns leaf coordinates (u across, t along, both as shares of the length) into the drawing's. */
export type LeafFrame = (u: number, t: number) => Point

/** The frame of a leaf whose midrib is an arc of a circle. */
export function leafFrame({ x, y, angle, length, bend }: LeafPose): LeafFrame {
  const curved = Math.abs(bend) > 1e-6
  return (u, t) => {
    const turned = angle + bend * t
    const along = curved
      ? [(Math.cos(angle) - Math.cos(turned)) / bend, (Math.sin(turned) - Math.sin(angle)) / bend]
      : [Math.sin(angle) * t, Math.cos(angle) * t]
    const [right = 0, up = 0] = along
    return [x + length * (right + u * Math.cos(turned)), y - length * (up - u * Math.sin(turned))]
  }
}
