import type { FeatureName } from '../data/features.ts'
import { featureOf } from '../data/features.ts'
import { verdictOn, weighFinding, type Verdict } from '../diagnose.ts'
import { countsOf } from '../evidence.ts'
import { hypothesesOf } from '../hypotheses.ts'
import { featureTable } from '../likelihood-table.ts'
import { nextChecks } from '../next-checks.ts'
import { settlingOf } from '../settled.ts'

/** Whether one cause takes part likelier than not, or one may act: nothing more has to be asked. */
export const isClear = (verdict: Verdict): boolean =>
  (verdict.involved[0]?.probability ?? 0) >= 0.5 || settlingOf(verdict).state === 'settled'

/** What it took to settle a case by the checks that come first. */
interface AskedOn {
  readonly checks: number
  readonly isClear: boolean
}

function pick(weights: ArrayLike<number>, chance: number): number {
  let left = chance * Array.from(weights).reduce((sum, each) => sum + each, 0)
  for (let index = 0; index < weights.length; index += 1) {
    left -= weights[index] ?? 0
    if (left <= 0) return index
  }
  return weights.length - 1
}

function answered(verdict: Verdict, name: FeatureName, value: string): Verdict {
  const { state, window, exposure } = verdict
  const known = new Set([...state.known, name])
  const found = {
    name,
    label: featureOf(name).label,
    words: value,
    belief: { [value]: 1 },
    counts: countsOf(name, known),
  }
  const evidence = [...state.evidence, weighFinding(found, state.setting)]
  return verdictOn({ setting: state.setting, known, evidence }, { window, exposure })
}

/**
 * Makes the first check, and the next, until one cause or what to do is clear: the truth is drawn from
 * the verdict, the answers from what the truth would show.
 * @param chance numbers from 0 to 1
 */
export function askOn(verdict: Verdict, chance: () => number, most: number): AskedOn {
  const truth = pick(verdict.state.probabilities, chance())
  const columns = hypothesesOf(verdict.state.setting.context).length
  let now = verdict
  for (let made = 0; made < most; made += 1) {
    const [first] = isClear(now) ? [] : nextChecks(now)
    if (!first) return { checks: made, isClear: isClear(now) }
    for (const name of first.check.reveals) {
      if (now.state.known.has(name)) continue
      const { values, rows } = featureTable(name, now.state.setting)
      if (rows[0]?.length !== columns) throw new Error(`${name} is not of this setting`)
      const at = pick(
        rows.map((row) => row[truth] ?? 0),
        chance(),
      )
      now = answered(now, name, values[at] ?? '')
    }
  }
  return { checks: most, isClear: isClear(now) }
}
