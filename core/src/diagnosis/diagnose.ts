import type { Day } from '../calendar/index.ts'
import { findingsAsked, type Findings } from '../finding/index.ts'
import { findPlant, type Context } from '../plant/index.ts'
import { leafWindow, pHExposure, type Exposure, type PHHistory } from '../reading/index.ts'
import { causesOf } from './causes.ts'
import type { Cause, EvidenceName } from './data/cause.ts'
import { storyEvents, type StoryEventKind } from './data/events.ts'
import { evidenceLabel, gatherEvidence, likelihood, type Evidence } from './evidence.ts'
import { rankMissing, type MissingFinding } from './missing.ts'

/** Everything a verdict is drawn from. */
export interface DiagnosisInput {
  readonly context: Context
  readonly plantId: string
  readonly lookedOn: Day
  readonly findings: Findings
  readonly pHHistory: PHHistory
  /** Kinds of events told for the time before the look. */
  readonly events: readonly StoryEventKind[]
}

/** How one piece of evidence bears on a cause. */
export interface Reason {
  readonly name: EvidenceName | StoryEventKind
  readonly label: string
  readonly words: string
  /** Weight of evidence against the other causes together, in decibans: + for, − against. */
  readonly weightDb: number
  readonly why: string | undefined
}

export interface RankedCause {
  readonly cause: Cause
  readonly probability: number
  /** Strongest first, for and against. */
  readonly reasons: readonly Reason[]
}

/** Ranked causes whose probabilities sum to one, and what was not looked at yet. */
export interface Verdict {
  readonly ranked: readonly RankedCause[]
  readonly missing: readonly MissingFinding[]
  readonly exposure: Exposure | undefined
}

const eventFactor = (cause: Cause, event: StoryEventKind): number => cause.events?.[event] ?? 1

const decibans = (ratio: number): number => 10 * Math.log10(ratio)
const sum = (values: readonly number[]): number => values.reduce((total, each) => total + each, 0)

/** One thing known, with how likely it is under each candidate, in their order. */
interface Witness extends Pick<Reason, 'name' | 'label' | 'words'> {
  readonly likelihoods: readonly number[]
  readonly whyOf: (cause: Cause) => string | undefined
}

function witnessOf(evidence: Evidence, candidates: readonly Cause[]): Witness {
  const { name, label, words } = evidence
  const likelihoods = candidates.map((cause) => likelihood(cause, evidence))
  return { name, label, words, likelihoods, whyOf: (cause) => cause.because[name] }
}

function eventWitness(event: StoryEventKind, candidates: readonly Cause[]): Witness {
  const likelihoods = candidates.map((cause) => eventFactor(cause, event))
  return {
    name: event,
    label: 'Story',
    words: storyEvents[event],
    likelihoods,
    whyOf: () => undefined,
  }
}

/** How a witness bears on one cause against the mean of all others, by how common they are. */
function reasonOf(
  { name, label, words, likelihoods, whyOf }: Witness,
  cause: Cause,
  index: number,
  priors: readonly number[],
): Reason {
  const own = likelihoods[index] ?? 0
  const prior = priors[index] ?? 0
  const weighted = sum(likelihoods.map((each, other) => each * (priors[other] ?? 0)))
  const others = (weighted - own * prior) / (sum(priors) - prior)
  return { name, label, words, weightDb: decibans(own / others), why: whyOf(cause) }
}

/**
 * Ranks the causes of a chlorosis by Bayes' rule over findings, told events and the pH that the
 * affected leaves grew in. Missing findings cost nothing.
 * @returns probabilities [1] that sum to one; reasons by weight of evidence [dB]
 * @throws {CoreError} unknown-name for a plant that is not in the list
 * @source I. J. Good, weight of evidence; likelihoods as marked in the data
 */
export function diagnose(input: DiagnosisInput): Verdict {
  const { context, findings } = input
  const plant = findPlant(input.plantId)
  const window = leafWindow(input.lookedOn, findings.growth, findings.tier)
  const exposure = pHExposure(window, input.pHHistory)
  const evidence = gatherEvidence(findings, plant, exposure)
  const events = [...new Set(input.events)]
  const candidates = causesOf(context)

  const witnesses = [
    ...evidence.map((each) => witnessOf(each, candidates)),
    ...events.map((event) => eventWitness(event, candidates)),
  ]
  const priors = candidates.map((cause) => cause.commonness[context] ?? cause.commonness.otherwise)
  const joint = priors.map((prior, index) =>
    witnesses.reduce((product, { likelihoods }) => product * (likelihoods[index] ?? 0), prior),
  )
  const total = sum(joint)
  const probabilities = joint.map((each) => each / total)

  const ranked = candidates
    .map((cause, index): RankedCause => {
      const reasons = witnesses
        .map((witness) => reasonOf(witness, cause, index, priors))
        .toSorted((a, b) => Math.abs(b.weightDb) - Math.abs(a.weightDb))
      return { cause, probability: probabilities[index] ?? 0, reasons }
    })
    .toSorted((a, b) => b.probability - a.probability)

  const known = new Set(evidence.map(({ name }) => name))
  const open = (['pH', ...findingsAsked(context)] as const).filter(
    (name) => !known.has(name) && name !== 'severity',
  )
  return { ranked, missing: rankMissing(open, candidates, probabilities, evidenceLabel), exposure }
}
