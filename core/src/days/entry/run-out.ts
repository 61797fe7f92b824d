import type { Figure } from '../../base/reference/index.ts'
import { requireInRange } from '../../base/error/index.ts'

/** How a tank came out at the end of the ground. */
export type TankEnd =
  | { readonly is: 'left'; readonly leftL: number; readonly why: LeftReason }
  | { readonly is: 'short'; readonly doneShare: number; readonly why: ShortReason }

/** Why something is left, or the tank is empty too soon: common practice of who looks for it. */
export const leftReasons = {
  faster: 'walked or drove faster',
  clogged: 'a nozzle or filter was clogged',
  pressure: 'the pressure was lower',
  smaller: 'the ground is smaller than measured',
  stopped: 'stopped before the end',
  unknown: 'nobody knows',
} as const
export const shortReasons = {
  slower: 'walked or drove slower',
  overlap: 'passes overlapped',
  worn: 'a nozzle is worn',
  pressure: 'the pressure was higher',
  larger: 'the ground is larger than measured',
  leaked: 'some leaked or was spilled',
  unknown: 'nobody knows',
} as const
export type LeftReason = keyof typeof leftReasons
export type ShortReason = keyof typeof shortReasons

/** What really went out, and at which share of the rate that was planned. */
export interface RunOut {
  readonly waterL: number
  readonly productKg: number
  /** Of the ground that was to be covered. */
  readonly groundShare: number
  /** Rate on the ground that was covered, of the planned one; undefined where it cannot be said. */
  readonly rateShare: number | undefined
}

/** What the end of a tank is judged by. */
export const runOutFigures = {
  /** A rate that is further off is no chance any more. */
  tolerance: {
    value: 0.1,
    unit: 'of the rate',
    source: 'as for one nozzle that is off the mean of the others',
    mark: 'C',
  },
} as const satisfies Readonly<Record<string, Figure>>

/**
 * What a tank that did not come out even says of the rate: what went out, over what was to, on the ground that got
 * it. The mix is one, so product goes as water does. Derived.
 * @param planned water of the whole job [L], its product [kg]
 * @throws {CoreError} for more left than there was, or a share of the ground that is none
 */
export function runOut(
  planned: { readonly waterL: number; readonly productKg: number },
  end: TankEnd,
): RunOut {
  if (end.is === 'left') {
    const range = { min: 0, max: planned.waterL, unit: 'L' }
    const leftL = requireInRange('left in the tank', end.leftL, range)
    const share = (planned.waterL - leftL) / planned.waterL
    const isStopped = end.why === 'stopped'
    return {
      waterL: planned.waterL * share,
      productKg: planned.productKg * share,
      groundShare: isStopped ? share : 1,
      rateShare: isStopped ? 1 : share,
    }
  }
  requireInRange('ground done', end.doneShare, { min: 0.01, max: 1, unit: '' })
  const { waterL, productKg } = planned
  // What leaked went out nowhere that counts.
  const rateShare = end.why === 'leaked' ? undefined : 1 / end.doneShare
  return { waterL, productKg, groundShare: end.doneShare, rateShare }
}

/** Whether the sprayer, the pace or the ground has to be measured again. */
export const isOffRate = ({ rateShare }: RunOut): boolean =>
  rateShare !== undefined && Math.abs(rateShare - 1) > runOutFigures.tolerance.value
