import { bellDrawFor } from '../seeded/index.ts'
import type { TrialRound } from './acts.ts'

/** A plot as somebody stands before it. */
export interface StoodBefore {
  readonly number: number
  readonly block: number
  readonly levels: Readonly<Record<string, string>>
}

/** What a plot of a trial was rated: its treatment, its ground, and the eye of whoever rates. */
export function colourOfPlot(
  trialId: string,
  { ratedOn, base, gains }: TrialRound,
  { number, block, levels }: StoodBefore,
): number {
  const gain = Object.values(levels).reduce((sum, level) => sum + (gains[level] ?? 0), 0)
  const ground = 0.35 * bellDrawFor(`block:${trialId}:${block}`)
  const eye = 0.4 * bellDrawFor(`plot:${trialId}:${number}:${ratedOn}`)
  return Math.round(Math.min(9, Math.max(1, base + gain + ground + eye)) * 2) / 2
}
