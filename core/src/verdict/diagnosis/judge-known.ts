import type { Day } from '../../base/calendar/index.ts'
import { leafWindow } from '../../seen/reading/index.ts'
import { featureOf, type FeatureName } from './data/features.ts'
import { weigh, type Verdict } from './diagnose.ts'
import { countsOf, gatherEvents, type DatedEvent } from './evidence.ts'
import type { Setting } from './likelihood-table.ts'

/** What is surely known of a case: one value of each feature, and what was told. */
export interface KnownCase {
  readonly setting: Setting
  readonly known: ReadonlyMap<FeatureName, string>
  readonly events?: readonly DatedEvent[]
  readonly lookedOn?: Day
}

const anyDay = '2026-06-15'

/**
 * The verdict on a case of which every feature that is known has one sure value, such as a drawn one.
 * @returns probabilities [1] that sum to one
 */
export function judgeKnown({ setting, known, events = [], lookedOn = anyDay }: KnownCase): Verdict {
  const names = new Set(known.keys())
  const evidence = [...known].map(([name, value]) => {
    const { label, values } = featureOf(name)
    const words = values[value] ?? value
    return { name, label, words, belief: { [value]: 1 }, counts: countsOf(name, names) }
  })
  const window = leafWindow(lookedOn, known.get('growth'), known.get('tier'))
  return weigh({
    setting,
    evidence,
    events: gatherEvents(events, window, names, lookedOn),
    window,
    exposure: undefined,
  })
}
