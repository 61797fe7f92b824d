import { bufferOf, normalCount, parametersOf } from './parameters.ts'
import type { PathGround, PreparedPath } from './path-setup.ts'
import { pathStepDays, runPath } from './run-path.ts'

/** Draws run over one set-up: soils alike in what is known and different in what is not. */
export interface Draws {
  readonly count: number
  /** Standard normal numbers, `normalCount` a draw. */
  readonly normals: Float64Array
  /** Points a path, every seventh day. */
  readonly points: number
  /** pH of the whole depth and of the top, `points` a draw. */
  readonly path: Float32Array
  readonly top: Float32Array
  /** Logarithm of each draw's weight, not normalised. */
  readonly logWeight: Float64Array
  /** Buffering of each draw [mmol H⁺/kg/pH]. */
  readonly buffer: Float64Array
}

/** Points of a path of some days. */
export const pointsOf = (days: number): number => Math.ceil(days / pathStepDays)

/** Room for that many draws; nothing is run yet. */
export const roomForDraws = (count: number, points: number): Draws => ({
  count,
  points,
  normals: new Float64Array(count * normalCount),
  path: new Float32Array(count * points),
  top: new Float32Array(count * points),
  logWeight: new Float64Array(count),
  buffer: new Float64Array(count),
})

/** Runs draws from one number up to another over a set-up, by their numbers. */
export function runDraws(
  draws: Draws,
  { prepared, ground }: { readonly prepared: PreparedPath; readonly ground: PathGround },
  from: number,
  to: number,
): void {
  const { normals, path, top, points, buffer } = draws
  for (let draw = from; draw < to; draw++) {
    const parameters = parametersOf(ground, prepared.isWatered, normals, draw)
    runPath(prepared, parameters, { path, top, offset: draw * points })
    buffer[draw] = bufferOf(ground, normals, draw)
  }
}
