import type { Cause, EvidenceName } from './data/cause.ts'
import { valueLikelihood, valuesOfEvidence } from './evidence.ts'

/** A finding not made yet, with how much it is expected to separate the causes still standing. */
export interface MissingFinding {
  readonly name: EvidenceName
  readonly label: string
  /** Expected fall of the entropy over causes [bit]. */
  readonly gainBits: number
}

const entropyBits = (probabilities: readonly number[]): number =>
  probabilities.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0)

/** Expected information about the cause from learning a finding [bit]. */
function expectedGain(
  name: EvidenceName,
  candidates: readonly Cause[],
  probabilities: readonly number[],
): number {
  const after = valuesOfEvidence(name).reduce((sum, value) => {
    const joint = candidates.map(
      (cause, index) => (probabilities[index] ?? 0) * valueLikelihood(cause, name, value),
    )
    const chance = joint.reduce((total, each) => total + each, 0)
    return sum + chance * entropyBits(joint.map((each) => each / chance))
  }, 0)
  return entropyBits(probabilities) - after
}

/**
 * The findings still open, the one expected to settle most first.
 * @source expected mutual information of finding and cause (Shannon 1948)
 */
export function rankMissing(
  open: readonly EvidenceName[],
  candidates: readonly Cause[],
  probabilities: readonly number[],
  labelOf: (name: EvidenceName) => string,
): readonly MissingFinding[] {
  return open
    .map((name) => ({
      name,
      label: labelOf(name),
      gainBits: expectedGain(name, candidates, probabilities),
    }))
    .toSorted((a, b) => b.gainBits - a.gainBits)
}
