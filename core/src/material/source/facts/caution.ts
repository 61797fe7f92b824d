import type { None, Sourced } from '../../../base/reference/index.ts'
import type { Route } from '../../../stand/plant/index.ts'

/** How pressing a caution is, the most pressing first: they are said in this order. */
export const urgencies = ['law', 'poisons', 'injures', 'burns', 'spoils'] as const
export type Urgency = (typeof urgencies)[number]

/** A caution that belongs to a source, whatever it is used on. */
export interface SourceCaution extends Sourced {
  readonly id: string
  readonly urgency: Urgency
  readonly words: string
  /** Ways in at which it stands; none: at every one. */
  readonly routes: readonly Route[] | None
}
