import type { Reason, Verdict, WeighedEvidence } from './diagnose.ts'
import { hypothesesOf, type Hypothesis } from './hypotheses.ts'
import type { FeatureName } from './data/features.ts'

const decibans = (ratio: number): number => 10 * Math.log10(ratio)

/** Why a feature bears on a hypothesis, as the cause that speaks of it says. */
const whyOf = ({ causes }: Hypothesis, name: WeighedEvidence['name']): string | undefined =>
  causes.map((cause) => cause.because[name as FeatureName]).find((words) => words !== undefined)

function reasonOf(
  { name, label, words, likelihoods }: WeighedEvidence,
  hypotheses: readonly Hypothesis[],
  index: number,
): Reason | undefined {
  const hypothesis = hypotheses[index]
  if (!hypothesis) return undefined
  const own = likelihoods[index] ?? 0
  const weighted = hypotheses.reduce(
    (sum, { prior }, other) => sum + (likelihoods[other] ?? 0) * prior,
    0,
  )
  const others = (weighted - own * hypothesis.prior) / (1 - hypothesis.prior)
  const weightDb = decibans(own / others)
  return { name, label, words, weightDb, why: whyOf(hypothesis, name) }
}

/**
 * What speaks for and against a hypothesis, strongest first: how each piece of evidence bears on it
 * against the mean of all others, by how common they are.
 */
export function reasonsFor(verdict: Verdict, hypothesisId: string): readonly Reason[] {
  const { setting, evidence } = verdict.state
  const hypotheses = hypothesesOf(setting.context)
  const index = hypotheses.findIndex(({ id }) => id === hypothesisId)
  return evidence
    .map((each) => reasonOf(each, hypotheses, index))
    .filter((reason) => reason !== undefined)
    .toSorted((a, b) => Math.abs(b.weightDb) - Math.abs(a.weightDb))
}
