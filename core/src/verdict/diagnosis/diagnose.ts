import type { Day } from '../../base/calendar/index.ts'
import type { Findings } from '../../seen/finding/index.ts'
import { plantOf, type AsGrown, type Context } from '../../stand/plant/index.ts'
import {
  firstIronSchool,
  leafWindow,
  pHExposure,
  type Exposure,
  type IronSchoolName,
  type LeafWindow,
  type PHHistory,
} from '../../seen/reading/index.ts'
import { bounds } from './data/bounds.ts'
import type { Cause } from './data/cause.ts'
import type { FeatureName } from './data/features.ts'
import type { StoryEventKind } from './data/events.ts'
import {
  gatherEvents,
  gatherEvidence,
  type DatedEvent,
  type EventEvidence,
  type Evidence,
} from './evidence.ts'
import { hypothesesOf, type Hypothesis } from './hypotheses.ts'
import { featureTable, settingOf, type Setting } from './likelihood-table.ts'
import { readTests } from './read-tests.ts'

/** Everything a verdict is drawn from. */
export interface DiagnosisInput {
  readonly context: Context
  readonly plantId: string
  /** How it grows there, where it differs from its kind. */
  readonly grown?: AsGrown | null | undefined
  readonly lookedOn: Day
  /** Of the place [°], south negative; the date says nothing where it is not known. */
  readonly latitude?: number | undefined
  readonly findings: Findings
  /** Readings of every kind, and corrections of pH. */
  readonly pHHistory: PHHistory
  /** What was told, with its days. */
  readonly events: readonly DatedEvent[]
  /** How soil iron is read; the published level when absent. */
  readonly school?: IronSchoolName | undefined
  /** What is left out of account, to see what knowing it was worth. */
  readonly without?: readonly FeatureName[] | undefined
}

/** How one piece of evidence bears on a hypothesis. */
export interface Reason {
  readonly name: FeatureName | StoryEventKind
  readonly label: string
  readonly words: string
  /** Weight of evidence against the other hypotheses together, in decibans: + for, − against. */
  readonly weightDb: number
  readonly why: string | undefined
}

/** One cause, or two at once, with its probability. */
export interface RankedHypothesis {
  readonly id: string
  readonly causes: Hypothesis['causes']
  /** "Iron tied up by high pH", "Iron tied up by high pH, with nitrogen short". */
  readonly name: string
  readonly probability: number
}

/** Something known, with how likely it is under each hypothesis, in their order. */
export interface WeighedEvidence {
  readonly name: FeatureName | StoryEventKind
  readonly label: string
  readonly words: string
  /** Likelihoods already drawn in by how much counts. */
  readonly likelihoods: Float64Array
}

/** Ranked causes and pairs whose probabilities sum to one. */
export interface Verdict {
  readonly ranked: readonly RankedHypothesis[]
  /** How likely each cause takes part, alone or in a pair; likeliest first. */
  readonly involved: readonly { readonly cause: Cause; readonly probability: number }[]
  /** How likely iron is the remedy, or part of it. */
  readonly ironIsRemedy: number
  readonly window: LeafWindow
  readonly exposure: Exposure | undefined
  /** What further questions to this verdict start from. */
  readonly state: VerdictState
}

/** The state of a verdict, in the order of {@link hypothesesOf}. */
export interface VerdictState {
  readonly setting: Setting
  readonly known: ReadonlySet<FeatureName>
  readonly probabilities: Float64Array
  readonly evidence: readonly WeighedEvidence[]
}

/** A pair as it is said. */
export function hypothesisName(causes: Hypothesis['causes']): string {
  const [first, second] = causes
  return second ? `${first.name}, with ${second.beside}` : first.name
}

/** One finding or test by how likely it is under each hypothesis. */
export function weighFinding(evidence: Evidence, setting: Setting): WeighedEvidence {
  const { name, label, words, belief, counts } = evidence
  const { values, rows } = featureTable(name, setting)
  const likelihoods = new Float64Array(hypothesesOf(setting.context).length)
  values.forEach((value, index) => {
    const share = belief[value] ?? 0
    const row = rows[index]
    if (share === 0 || !row) return
    row.forEach((chance, column) => {
      likelihoods[column] = (likelihoods[column] ?? 0) + share * chance
    })
  })
  return { name, label, words, likelihoods: likelihoods.map((each) => each ** counts) }
}

/**
 * How many times likelier an event makes a hypothesis: both causes of a pair have their say, each by
 * how the event reaches it, through leaves as they form or onto those that stand.
 */
const eventTimes = ({ causes }: Hypothesis, { kind, share, isOnStanding }: EventEvidence): number =>
  causes.reduce((product, { events, hurtsStandingLeaves }) => {
    const reach = hurtsStandingLeaves && isOnStanding ? 1 : share
    return product * (1 - reach + reach * (events?.[kind] ?? 1))
  }, 1)

function weighEvent(event: EventEvidence, hypotheses: readonly Hypothesis[]): WeighedEvidence {
  const likelihoods = Float64Array.from(
    hypotheses,
    (each) => eventTimes(each, event) ** event.counts,
  )
  return { name: event.kind, label: 'Story', words: event.words, likelihoods }
}

function posterior(
  hypotheses: readonly Hypothesis[],
  weighed: readonly WeighedEvidence[],
): Float64Array {
  const joint = Float64Array.from(hypotheses, ({ prior }) => prior)
  for (const { likelihoods } of weighed) {
    for (let index = 0; index < joint.length; index += 1) {
      joint[index] = (joint[index] ?? 0) * (likelihoods[index] ?? 0)
    }
  }
  const total = joint.reduce((sum, each) => sum + each, 0)
  return joint.map((each) => each / total)
}

function involvedIn(
  hypotheses: readonly Hypothesis[],
  probabilities: Float64Array,
): Verdict['involved'] {
  const byCause = new Map<Cause, number>()
  hypotheses.forEach(({ causes }, index) => {
    for (const cause of causes) {
      byCause.set(cause, (byCause.get(cause) ?? 0) + (probabilities[index] ?? 0))
    }
  })
  return [...byCause]
    .map(([cause, probability]) => ({ cause, probability }))
    .toSorted((a, b) => b.probability - a.probability)
}

/** What a verdict is weighed from, once everything is read. */
export interface Weighed {
  readonly setting: Setting
  readonly evidence: readonly Evidence[]
  readonly events: readonly EventEvidence[]
  readonly window: LeafWindow
  readonly exposure: Exposure | undefined
}

/** Weighs read evidence over every hypothesis of the setting. */
export function weigh({ setting, evidence, events, window, exposure }: Weighed): Verdict {
  const hypotheses = hypothesesOf(setting.context)
  const weighed = [
    ...evidence.map((each) => weighFinding(each, setting)),
    ...events.map((each) => weighEvent(each, hypotheses)),
  ]
  const known = new Set(evidence.map(({ name }) => name))
  // What moved pH since it was measured opens the question again.
  if (exposure && exposure.doubt >= bounds.askPHAgainFrom.value) known.delete('pH')
  return verdictOn({ setting, known, evidence: weighed }, { window, exposure })
}

/** The verdict on what is already weighed. */
export function verdictOn(
  { setting, known, evidence }: Omit<VerdictState, 'probabilities'>,
  { window, exposure }: Pick<Verdict, 'window' | 'exposure'>,
): Verdict {
  const hypotheses = hypothesesOf(setting.context)
  const probabilities = posterior(hypotheses, evidence)
  const ranked = hypotheses
    .map(({ id, causes }, index): RankedHypothesis => ({
      id,
      causes,
      name: hypothesisName(causes),
      probability: probabilities[index] ?? 0,
    }))
    .toSorted((a, b) => b.probability - a.probability)
  const ironIsRemedy = ranked
    .filter(({ causes }) => causes.some(({ remedy }) => remedy === 'iron'))
    .reduce((sum, { probability }) => sum + probability, 0)
  return {
    ranked,
    involved: involvedIn(hypotheses, probabilities),
    ironIsRemedy,
    window,
    exposure,
    state: { setting, known, probabilities, evidence },
  }
}

/** Findings but those that are left out of account. */
const leftWith = (findings: Findings, without: readonly FeatureName[]): Findings =>
  without.length === 0
    ? findings
    : Object.fromEntries(
        Object.entries(findings).filter(([name]) => !without.includes(name as FeatureName)),
      )

/** What an input says once it is read: findings and tests, each with how sure it is. */
export function readInput(input: DiagnosisInput) {
  const { without = [] } = input
  const findings = leftWith(input.findings, without)
  const plant = plantOf({ plantId: input.plantId, measures: input.grown })
  const window = leafWindow(input.lookedOn, findings.growth, findings.tier)
  const exposure = pHExposure(window, input.pHHistory)
  const { readings } = input.pHHistory
  const school = input.school ?? firstIronSchool
  const evidence = gatherEvidence(
    findings,
    readTests({
      readings,
      window,
      plant,
      context: input.context,
      exposure,
      school,
      lookedOn: input.lookedOn,
      latitude: input.latitude,
    }).filter(({ name }) => !without.includes(name)),
  )
  return { findings, plant, window, exposure, evidence }
}

/**
 * Ranks the causes of a chlorosis, single and in pairs, by Bayes' rule over findings, tests and
 * told events, each by what held while the affected leaves grew. Missing findings cost nothing;
 * one that repeats another counts for the rest of its weight only.
 * @returns probabilities [1] that sum to one
 * @throws {CoreError} unknown-name for a plant that is not in the list
 * @source I. J. Good, weight of evidence; likelihoods as marked in the data
 */
export function diagnose(input: DiagnosisInput): Verdict {
  const { findings, plant, window, exposure, evidence } = readInput(input)
  const known = new Set(evidence.map(({ name }) => name))
  return weigh({
    setting: settingOf(input.context, plant, findings),
    evidence,
    events: gatherEvents(input.events, window, known, input.lookedOn),
    window,
    exposure,
  })
}
