import { group } from 'd3-array'
import type { Day } from '../../base/calendar/index.ts'
import type { BufferSaid } from '../../soil/pH-path/index.ts'
import { stillAsDoubtful } from './data/buffering-figures.ts'
import { learnBuffering, type BufferHere } from './learn-buffering.ts'
import type { TaughtPlan } from './taught-plan.ts'

/** One stand: what is figured of its buffering, what its retests said, what is expected now. */
export interface BufferRow {
  readonly standId: string
  /** Plans of it that were tested after, the oldest first. */
  readonly plans: readonly TaughtPlan[]
  readonly figured: BufferSaid
  /** By itself; undefined: its retests say nothing of it. */
  readonly said: BufferSaid | undefined
  /** Undefined where nothing of the place said anything. */
  readonly here: BufferHere | undefined
  /** Hardly surer than what was figured. */
  readonly knowsTooLittle: boolean
}

/** What several plans said of one ground, each as much as it is sure. */
function pooled(plans: readonly TaughtPlan[]): BufferSaid | undefined {
  const said = plans.flatMap((plan) => plan.said ?? [])
  if (said.length === 0) return undefined
  const weight = said.reduce((sum, { doubt }) => sum + 1 / doubt ** 2, 0)
  const mean = said.reduce((sum, { mmolPerKg, doubt }) => sum + Math.log(mmolPerKg) / doubt ** 2, 0)
  return { mmolPerKg: Math.exp(mean / weight), doubt: 1 / Math.sqrt(weight) }
}

/**
 * The buffering of every stand that was tested after an acid plan: prior, data and posterior side by side.
 * @param plans of one place, those of a stand in their order
 */
export const bufferRows = (plans: readonly TaughtPlan[], on: Day): readonly BufferRow[] =>
  [...group(plans, ({ standId }) => standId)].flatMap(([standId, own]): BufferRow[] => {
    const newest = own.at(-1)
    if (!newest) return []
    const { figured } = newest
    const here = learnBuffering(plans, { standId, figured, on })
    const knowsTooLittle = !here || here.doubt > stillAsDoubtful.value * figured.doubt
    return [{ standId, plans: own, figured, said: pooled(own), here, knowsTooLittle }]
  })
