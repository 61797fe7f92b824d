import { eyesOf, type Eye, type KeptSitting, type KnownScreen } from '@spudder/core/seen/eye'

/** What is asked of the worker that measures eyes. */
export interface EyesQuestion {
  readonly sittings: readonly KeptSitting[]
  /** Screens that were measured. */
  readonly screens: readonly KnownScreen[]
}

/** Apart, so that no page is loaded with what measures: that is the worker's. */
export const eyesFrom = ({ sittings, screens }: EyesQuestion): Eye[] => eyesOf(sittings, screens)
