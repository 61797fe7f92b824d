import type { Day } from '../../base/calendar/index.ts'
import type { Context } from '../../stand/plant/index.ts'
import type { DrillDone } from './cards.ts'
import type { DrillKind } from './data/kinds.ts'
import type { DrillScore } from './score-drill.ts'

/** An answer as it is kept. */
export interface KeptDrill {
  readonly kind: DrillKind
  readonly context: Context
  readonly causeId: string
  readonly saidId: string
  readonly answeredOn: Day
  readonly score: DrillScore
}

/** An answer as it is learnt from: of two causes, the one that was named, else the first. */
export function doneOf({
  kind,
  context,
  causeId,
  saidId,
  answeredOn,
  score,
}: KeptDrill): DrillDone {
  const { truth, went, regret, offered, shares } = score
  const is = kind === 'leaf' ? causeId : truth.includes(saidId) ? saidId : (truth[0] ?? causeId)
  return {
    kind,
    context,
    causeId: is,
    saidId,
    offered,
    shares,
    answeredOn,
    right: went.right,
    regret,
  }
}

/** How somebody does over all. */
export interface DrillSummary {
  readonly cases: number
  /** Mean loss above that of a good practitioner [money]: of all, and of the last ten. */
  readonly regret: number
  readonly lately: number
  /** Cases in which whoever goes by the engine treats wrongly too. */
  readonly engineWrong: number
}

const last = 10
const mean = (values: readonly number[]): number =>
  values.reduce((sum, each) => sum + each, 0) / Math.max(1, values.length)

/**
 * How somebody does, beside a good practitioner, and how often that one errs.
 * @param kept oldest first
 */
export const summaryOf = (kept: readonly KeptDrill[]): DrillSummary => ({
  cases: kept.length,
  regret: mean(kept.map(({ score }) => score.regret)),
  lately: mean(kept.slice(-last).map(({ score }) => score.regret)),
  engineWrong: kept.filter(({ score }) => score.good.right === 0).length,
})
