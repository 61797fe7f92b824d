import type { Sourced } from '../../../base/reference/index.ts'

/** What to do when it is this cause: how a verdict ends. */
export interface Ending extends Sourced {
  /** The first thing to do, in one sentence. */
  readonly first: string
  /** What to do after it, in order. */
  readonly then: readonly string[]
  /** What not to spend money on; absent where iron may be bought. */
  readonly doNotBuy?: string
  /** Whom to ask, and when; absent where the grower can do it alone. */
  readonly call?: string
  /** What can hurt somebody or something in doing it. */
  readonly cautions?: readonly string[]
  /** When to look again, and for what. */
  readonly lookAgain: string
}

/** Where endings come from. */
export const byLabel = {
  source: 'common practice; the label and local rules come first',
  mark: 'C',
} as const
/** Said where something is used against the living. */
export const labelFirst =
  'Only by a label that names this use; local rules and licences come first.'
/** Who can look closer. */
export const clinic =
  'A plant clinic or the extension service, with a sample from the edge of the trouble.'
