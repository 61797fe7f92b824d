import { featureOf, type FeatureName } from '../data/features.ts'
import { weigh, type Verdict } from '../diagnose.ts'
import { countsOf } from '../evidence.ts'
import type { Setting } from '../likelihood-table.ts'

/** The verdict on a case of which each known feature has one sure value. */
export function judgeDrawn(setting: Setting, drawn: ReadonlyMap<FeatureName, string>): Verdict {
  const known = new Set(drawn.keys())
  const evidence = [...drawn].map(([name, value]) => ({
    name,
    label: featureOf(name).label,
    words: value,
    belief: { [value]: 1 },
    counts: countsOf(name, known),
  }))
  const window = { from: '2026-05-10', to: '2026-06-10' }
  return weigh({ setting, evidence, events: [], window, exposure: undefined })
}
