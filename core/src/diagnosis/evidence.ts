import { errorFunction } from 'simple-statistics'
import { findingNames, findingVocabulary, findingWords, valuesOf } from '../finding/index.ts'
import type { Findings } from '../finding/index.ts'
import type { Plant } from '../plant/index.ts'
import type { Exposure } from '../reading/index.ts'
import type { Cause, EvidenceName } from './data/cause.ts'
import { pHBands, pHToleranceOf } from './data/pH-bands.ts'

/** One thing known, as probabilities over its values (a sure finding has one value at 1). */
export interface Evidence {
  readonly name: EvidenceName
  readonly label: string
  readonly words: string
  readonly belief: Readonly<Record<string, number>>
}

/** Every value that evidence of a name can take. */
export function valuesOfEvidence(name: EvidenceName): readonly string[] {
  return name === 'pH' ? pHBands.map(({ band }) => band) : Object.keys(valuesOf(name))
}

/** What evidence of a name is called on screen. */
export function evidenceLabel(name: EvidenceName): string {
  return name === 'pH' ? 'pH while the leaves grew' : findingVocabulary[name].label
}

const normalBelow = (z: number): number => (1 + errorFunction(z / Math.SQRT2)) / 2

/** Belief over the pH bands, for a plant that bears more or less. */
function pHBelief(exposure: Exposure, plant: Plant): Readonly<Record<string, number>> {
  const pH = exposure.pH - pHToleranceOf[plant.ironEfficiency].value
  let below = 0
  const belief: Record<string, number> = {}
  for (const band of pHBands) {
    const upTo = Number.isFinite(band.below) ? normalBelow((band.below - pH) / exposure.doubt) : 1
    belief[band.band] = upTo - below
    below = upTo
  }
  return belief
}

/** The evidence in what was found and measured, in the order of the vocabulary, pH first. */
export function gatherEvidence(
  findings: Findings,
  plant: Plant,
  exposure: Exposure | undefined,
): readonly Evidence[] {
  const found = findingNames.flatMap((name): Evidence[] => {
    const value = findings[name]
    if (value === undefined) return []
    const words = findingWords(name, value)
    return [{ name, label: evidenceLabel(name), words, belief: { [value]: 1 } }]
  })
  if (!exposure) return found
  const words = `${exposure.pH.toFixed(1)} ± ${exposure.doubt.toFixed(1)}`
  const pH = {
    name: 'pH',
    label: evidenceLabel('pH'),
    words,
    belief: pHBelief(exposure, plant),
  } as const
  return [pH, ...found]
}

/** Probability of one value of the evidence under a cause; the values of a name sum to one. */
export function valueLikelihood(cause: Cause, name: EvidenceName, value: string): number {
  const values = valuesOfEvidence(name)
  const weights: Readonly<Record<string, number | undefined>> | undefined = cause.weights[name]
  if (!weights) return 1 / values.length
  const weigh = (each: string) => weights[each] ?? weights['otherwise'] ?? 1
  return weigh(value) / values.reduce((sum, each) => sum + weigh(each), 0)
}

/** Probability of the evidence under a cause, averaged over what it leaves in doubt. */
export function likelihood(cause: Cause, evidence: Evidence): number {
  return Object.entries(evidence.belief).reduce(
    (sum, [value, belief]) => sum + belief * valueLikelihood(cause, evidence.name, value),
    0,
  )
}
