import { bufferOf, drawCount, parametersOf } from './parameters.ts'
import type { PathGround, PreparedPath } from './path-setup.ts'
import { pathStepDays, runPath } from './run-path.ts'

/** Many gardens run over one set-up. */
export interface Gardens {
  readonly count: number
  /** Standard normal draws, `drawCount` a garden. */
  readonly draws: Float64Array
  /** Points a path, every seventh day. */
  readonly points: number
  /** pH of the whole depth and of the top, `points` a garden. */
  readonly path: Float32Array
  readonly top: Float32Array
  /** Logarithm of each garden's weight, not normalised. */
  readonly logWeight: Float64Array
  /** Buffering of each garden [mmol H⁺/kg/pH]. */
  readonly buffer: Float64Array
}

/** Points of a path of some days. */
export const pointsOf = (days: number): number => Math.ceil(days / pathStepDays)

/** Room for gardens; nothing is run yet. */
export const roomForGardens = (count: number, points: number): Gardens => ({
  count,
  points,
  draws: new Float64Array(count * drawCount),
  path: new Float32Array(count * points),
  top: new Float32Array(count * points),
  logWeight: new Float64Array(count),
  buffer: new Float64Array(count),
})

/** Runs gardens from one number up to another over a set-up, by their draws. */
export function runGardens(
  gardens: Gardens,
  { prepared, ground }: { readonly prepared: PreparedPath; readonly ground: PathGround },
  from: number,
  to: number,
): void {
  const { draws, path, top, points, buffer } = gardens
  for (let garden = from; garden < to; garden++) {
    const parameters = parametersOf(ground, prepared.isWatered, draws, garden)
    runPath(prepared, parameters, { path, top, offset: garden * points })
    buffer[garden] = bufferOf(ground, draws, garden)
  }
}
