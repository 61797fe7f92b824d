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

/** Mean of a value over all other causes, weighted by how common they are. */
function overOthers(
  cause: Cause,
  candidates: readonly Cause[],
  prior: (cause: Cause) => number,
  value: (cause: Cause) => number,
): number {
  const others = candidates.filter((other) => other !== cause)
  const total = others.reduce((sum, other) => sum + prior(other), 0)
  return others.reduce((sum, other) => sum + prior(other) * value(other), 0) / total
}

const decibans = (ratio: number): number => 10 * Math.log10(ratio)

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
  const prior = (cause: Cause) => cause.commonness[context] ?? cause.commonness.otherwise

  const joint = candidates.map((cause) => {
    const fromEvidence = evidence.reduce((product, each) => product * likelihood(cause, each), 1)
    return events.reduce(
      (product, event) => product * eventFactor(cause, event),
      prior(cause) * fromEvidence,
    )
  })
  const total = joint.reduce((sum, each) => sum + each, 0)
  const probabilities = joint.map((each) => each / total)

  const reasonOf = (cause: Cause, each: Evidence): Reason => ({
    name: each.name,
    label: each.label,
    words: each.words,
    weightDb: decibans(
      likelihood(cause, each) /
        overOthers(cause, candidates, prior, (other) => likelihood(other, each)),
    ),
    why: cause.because[each.name],
  })
  const eventReasonOf = (cause: Cause, event: StoryEventKind): Reason => ({
    name: event,
    label: 'Story',
    words: storyEvents[event],
    weightDb: decibans(
      eventFactor(cause, event) /
        overOthers(cause, candidates, prior, (other) => eventFactor(other, event)),
    ),
    why: undefined,
  })

  const ranked = candidates
    .map((cause, index): RankedCause => {
      const reasons = [
        ...evidence.map((each) => reasonOf(cause, each)),
        ...events.map((event) => eventReasonOf(cause, event)),
      ].toSorted((a, b) => Math.abs(b.weightDb) - Math.abs(a.weightDb))
      return { cause, probability: probabilities[index] ?? 0, reasons }
    })
    .toSorted((a, b) => b.probability - a.probability)

  const known = new Set(evidence.map(({ name }) => name))
  const open = (['pH', ...findingsAsked(context)] as const).filter(
    (name) => !known.has(name) && name !== 'severity',
  )
  return { ranked, missing: rankMissing(open, candidates, probabilities, evidenceLabel), exposure }
}
