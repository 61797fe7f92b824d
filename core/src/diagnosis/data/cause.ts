import type { FindingName } from '../../finding/index.ts'
import type { Context } from '../../plant/index.ts'
import type { Sourced } from '../../reference/index.ts'
import type { StoryEventKind } from './events.ts'
import type { PHBand } from './pH-bands.ts'

/** What a verdict weighs: findings, and the pH that the leaves grew in. */
export type EvidenceName = FindingName | 'pH'

/**
 * How often each value is seen under a cause, as relative weights; `otherwise` stands for every
 * value not named. A finding without a table is seen in all its values alike.
 */
export type ValueWeights<Value extends string = string> = Readonly<
  Partial<Record<Value, number>> & { otherwise: number }
>

/**
 * One mechanism of chlorosis. The direction of every weight is common practice or the source
 * named; its size is a judgement, to be reviewed as a table.
 */
export interface Cause extends Sourced {
  readonly id: string
  readonly name: string
  /** The mechanism in one sentence a grower would say. */
  readonly mechanism: string
  /** Whether iron is the remedy; where not, nobody should buy iron. */
  readonly remedy: 'iron' | 'not-iron'
  readonly contexts?: readonly Context[]
  /** How common it is before anything was looked at, relative to the others. */
  readonly commonness: Readonly<Partial<Record<Context, number>> & { otherwise: number }>
  readonly weights: Readonly<Partial<Record<FindingName, ValueWeights>>> & {
    readonly pH?: ValueWeights<PHBand>
  }
  /** How many times likelier the cause becomes when the event was told. */
  readonly events?: Readonly<Partial<Record<StoryEventKind, number>>>
  /** Why a kind of evidence bears on this cause, for the reasons. */
  readonly because: Readonly<Partial<Record<EvidenceName, string>>>
  /** What to do next when it is this. */
  readonly advice: string
}
