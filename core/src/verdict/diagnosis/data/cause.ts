import type { FindingName } from '../../../seen/finding/index.ts'
import type { Context } from '../../../stand/plant/index.ts'
import type { Sourced } from '../../../base/reference/index.ts'
import type { Ending } from './ending.ts'
import type { StoryEventKind } from './events.ts'
import type { FeatureName } from './features.ts'

/**
 * Numbers by value of a feature; `otherwise` stands for every value not named (1 when absent).
 */
export type ByValue = Readonly<Partial<Record<string, number>>>

/** Leaves that show one shortage in ways of their own: grass blades, fronds of palms, all others. */
export type LeafKind = 'blade' | 'frond' | 'broad'

/** Signs as they are where something else is also so, as in a fast plant short from the start. */
export interface SignsWhen {
  readonly when: Readonly<Partial<Record<FindingName, string>>>
  readonly feature: FeatureName
  readonly frequencies: ByValue
}

/** What there is to do when it is this cause; causes with one treatment need not be told apart. */
export type TreatmentId =
  | 'iron-past-high-pH'
  | 'iron-past-lime'
  | 'iron-itself'
  | 'stop-the-excess'
  | 'feed'
  | 'nitrogen'
  | 'sulfur'
  | 'potassium'
  | 'magnesium'
  | 'manganese'
  | 'zinc'
  | 'copper'
  | 'boron'
  | 'calcium'
  | 'water'
  | 'mow'
  | 'lime'
  | 'nematodes'
  | 'molybdenum'
  | 'air-and-roots'
  | 'leach'
  | 'gypsum'
  | 'fungus'
  | 'bugs'
  | 'larvae'
  | 'wait'
  | 'light'
  | 'leave-it'
  | 'no-more-iron'
  | 'ask'

/**
 * One mechanism of chlorosis. The direction of every number is common practice or the source
 * named; its size is a judgement, to be reviewed as a table.
 */
export interface Cause extends Sourced {
  readonly id: string
  readonly name: string
  /** How it is said beside another: "nitrogen short". */
  readonly beside: string
  /** The mechanism in one sentence a grower would say. */
  readonly mechanism: string
  /** Whether iron is the remedy; where not, nobody should buy iron. */
  readonly remedy: 'iron' | 'not-iron'
  readonly treatment: TreatmentId
  /** How a verdict ends when it is this cause. */
  readonly ending: Ending
  readonly contexts?: readonly Context[]
  /** How common it is before anything was looked at, relative to the others. */
  readonly commonness: Readonly<Partial<Record<Context, number>> & { otherwise: number }>
  /** What a plant of this cause shows: how often each value, relative to each other. */
  readonly signs: Readonly<Partial<Record<FeatureName, ByValue>>>
  /** The same for plants whose leaf is a grass blade or a palm's frond, where it differs. */
  readonly signsOn?: Readonly<
    Partial<Record<LeafKind, Readonly<Partial<Record<FeatureName, ByValue>>>>>
  >
  readonly signsWhen?: readonly SignsWhen[]
  /** Circumstances it favours: how many times as often as with pale plants at large. */
  readonly times: Readonly<Partial<Record<FeatureName, ByValue>>>
  /** Whether it hurts leaves that stand already, so that what happened this week counts in full. */
  readonly hurtsStandingLeaves?: true
  /** How many times likelier the cause becomes when the event acted all through the leaf window. */
  readonly events?: Readonly<Partial<Record<StoryEventKind, number>>>
  /** Why a kind of evidence bears on this cause, for the reasons. */
  readonly because: Readonly<Partial<Record<FeatureName, string>>>
}
