import type { TreatmentId } from './data/cause.ts'
import { checkIn, checks, worth, type Check } from './data/checks.ts'
import type { FeatureName } from './data/features.ts'
import { diagnose, type DiagnosisInput, type Verdict } from './diagnose.ts'
import { effortOf } from './next-checks.ts'
import { settlingOf } from './settled.ts'
import { beginningOf, creditOf } from './treatments.ts'

/** A check that was made, and what knowing its answer was worth. */
export interface MadeCheck {
  readonly check: Check
  /** What of it is known. */
  readonly features: readonly FeatureName[]
  /** Money, minutes and days together, in the money of the place. */
  readonly effort: number
  /** What is best done by all that is known, and how likely it is right [1]. */
  readonly best: TreatmentId
  readonly right: number
  /** What would have been thought best without this check, and how likely that is right by all that is known [1]. */
  readonly otherwise: TreatmentId
  readonly rightOtherwise: number
  /** Whether another treatment would have been thought best. */
  readonly changes: boolean
  /** How far its answer moved the causes [bit]. */
  readonly bits: number
  /** Whether one may act with it and might not without. */
  readonly settles: boolean
  /** What the better choice, what was learnt and what it settled are worth together, as {@link nextChecks} counts them [money]. */
  readonly worth: number
}

/** The checks by which what is known can have come: each feature by the one that tells most of it, then by the least effort. */
function madeOf({ state }: Verdict): { check: Check; features: FeatureName[] }[] {
  const { setting, known } = state
  const told = ({ reveals }: Check) => reveals.filter((name) => known.has(name))
  const share = (check: Check) => told(check).length / check.reveals.length
  const able = checks
    .filter(({ contexts }) => contexts?.includes(setting.context) ?? true)
    .map((check) => checkIn(check, setting.context))
    .toSorted((a, b) => share(b) - share(a) || effortOf(a) - effortOf(b))
  const claimed = new Set<FeatureName>()
  return able.flatMap((check) => {
    const features = told(check).filter((name) => !claimed.has(name))
    for (const name of features) claimed.add(name)
    return features.length === 0 ? [] : [{ check, features }]
  })
}

/** How likely a treatment begins rightly, by a verdict. */
const creditBy = ({ ranked }: Verdict, treatment: TreatmentId): number =>
  ranked.reduce(
    (sum, { probability, causes }) => sum + probability * creditOf(treatment, causes),
    0,
  )

/** How far what is thought with an answer lies from what is thought without it (Kullback & Leibler 1951) [bit]. */
function movedBits(after: Float64Array, before: Float64Array): number {
  let bits = 0
  after.forEach((share, index) => {
    if (share > 0) bits += share * Math.log2(share / Math.max(before[index] ?? 0, 1e-12))
  })
  return Math.max(0, bits)
}

/**
 * What each check that was made was worth: what would have been done without it, and how likely that is
 * right by all that is known in the end. Two checks that say the same are each worth little alone.
 * @returns the most worth for its effort first
 * @throws {CoreError} unknown-name for a plant that is not in the list
 * @source value of what was learnt, looking back (Raiffa & Schlaifer 1961); worths in `data/checks.ts` (J)
 */
export function checksMade(input: DiagnosisInput): readonly MadeCheck[] {
  const verdict = diagnose(input)
  const settling = settlingOf(verdict)
  const isSettled = settling.state === 'settled'
  const best = beginningOf(settling.treatment)
  const right = creditBy(verdict, best)
  return madeOf(verdict)
    .map(({ check, features }): MadeCheck => {
      const without = diagnose({ ...input, without: features })
      const settled = settlingOf(without)
      const otherwise = beginningOf(settled.treatment)
      const rightOtherwise = creditBy(verdict, otherwise)
      const bits = movedBits(verdict.state.probabilities, without.state.probabilities)
      const settles = isSettled && settled.state !== 'settled'
      return {
        check,
        features,
        effort: effortOf(check),
        best,
        right,
        otherwise,
        rightOtherwise,
        changes: otherwise !== best,
        bits,
        settles,
        worth:
          Math.max(0, right - rightOtherwise) * worth.wrongRemedy.value +
          bits * worth.bit.value +
          (settles ? worth.settled.value : 0),
      }
    })
    .toSorted((a, b) => b.worth - b.effort - (a.worth - a.effort))
}
