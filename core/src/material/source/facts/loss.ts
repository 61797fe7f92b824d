import type { FigureRange, Sourced } from '../../../base/reference/index.ts'

/** How iron that works is lost with time. */
export const lossProcesses = {
  light: 'broken down by light',
  microbes: 'eaten by microbes',
  leaching: 'washed out and held by clay',
  growth: 'left behind by new leaves',
} as const
export type LossProcess = keyof typeof lossProcesses

/** A loss of the first order: the half of what is there goes in the half-life, whatever its amount. */
export interface Loss extends Sourced {
  readonly process: LossProcess
  /** Days in which half is lost: low is the fastest. */
  readonly halfLifeDays: FigureRange
}
