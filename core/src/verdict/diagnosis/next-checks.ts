import { findingsAsked, type FindingName } from '../../seen/finding/index.ts'
import { bounds } from './data/bounds.ts'
import { checkIn, checks, worth, type Check } from './data/checks.ts'
import { featureOf, isTest, type FeatureName } from './data/features.ts'
import { hypothesisName, type Verdict, type VerdictState } from './diagnose.ts'
import { countsOf } from './evidence.ts'
import { hypothesesOf, type Hypothesis } from './hypotheses.ts'
import { featureTable } from './likelihood-table.ts'
import { beginningOf, bestCredit, creditsOf, type TreatmentCredits } from './treatments.ts'

/** What one answer to a check would do. */
export interface CheckAnswer {
  readonly feature: FeatureName
  readonly value: string
  /** "Roots: brown and soft". */
  readonly words: string
  /** How likely this answer is, as things stand [1]. */
  readonly chance: number
  /** What would lead then. */
  readonly leads: string
  readonly probability: number
  readonly changesLead: boolean
  readonly changesTreatment: boolean
}

/** A check not made yet, with what it is expected to bring for its effort. */
export interface NextCheck {
  readonly check: Check
  /** Expected fall of the entropy over causes [bit]. */
  readonly gainBits: number
  /** The same as a share of the doubt there is now [1]. */
  readonly clears: number
  /** Expected rise of the chance that the remedy then thought best is the right one [1]. */
  readonly treatmentGain: number
  /** How likely one cause, or what to do, becomes clear by it [1]; none where it is clear already. */
  readonly settles: number
  /** Money, minutes and days together, in the money of the place. */
  readonly effort: number
  /** Worth of what is learned for each unit of effort [1]. */
  readonly gainForEffort: number
}

/** Hypotheses still worth a computation, their probabilities summing to one. */
interface Standing {
  readonly hypotheses: readonly Hypothesis[]
  readonly columns: readonly number[]
  readonly probabilities: Float64Array
  readonly credits: TreatmentCredits
  /** The same by how treatments begin, which is what must be clear to act. */
  readonly beginnings: TreatmentCredits
  /** By hypothesis: the index of its first cause, and of its second, -1 where there is none. */
  readonly takesPart: { readonly first: Int16Array; readonly second: Int16Array }
}

function takesPartIn(hypotheses: readonly Hypothesis[]): Standing['takesPart'] {
  const all = [...new Set(hypotheses.flatMap(({ causes }) => causes))]
  return {
    first: Int16Array.from(hypotheses, ({ causes }) => all.indexOf(causes[0])),
    second: Int16Array.from(hypotheses, ({ causes }) => (causes[1] ? all.indexOf(causes[1]) : -1)),
  }
}

/** How likely the likeliest cause takes part, alone or in a pair [1]; weights that need not sum to one. */
function likeliestCause({ first, second }: Standing['takesPart'], weights: Float64Array): number {
  const shares = new Float64Array(first.length)
  for (let index = 0; index < first.length; index += 1) {
    const [a, b] = [first[index] ?? 0, second[index] ?? -1]
    shares[a] = (shares[a] ?? 0) + (weights[index] ?? 0)
    if (b >= 0) shares[b] = (shares[b] ?? 0) + (weights[index] ?? 0)
  }
  let most = 0
  for (const share of shares) if (share > most) most = share
  return most / total(weights)
}

function standingOf({ setting, probabilities }: VerdictState): Standing {
  const all = hypothesesOf(setting.context)
  const byProbability = [...probabilities.keys()].toSorted(
    (a, b) => (probabilities[b] ?? 0) - (probabilities[a] ?? 0),
  )
  let mass = 0
  const count = byProbability.findIndex(
    (column) => (mass += probabilities[column] ?? 0) >= bounds.massLookedAt.value,
  )
  const columns = byProbability.slice(0, count + 1)
  const hypotheses = columns.map((column) => all[column]).filter((each) => each !== undefined)
  const kept = Float64Array.from(columns, (column) => probabilities[column] ?? 0)
  return {
    columns,
    hypotheses,
    probabilities: kept.map((each) => each / mass),
    credits: creditsOf(hypotheses),
    beginnings: creditsOf(hypotheses, beginningOf),
    takesPart: takesPartIn(hypotheses),
  }
}

const log2 = Math.log2
/** Entropy of weights that need not sum to one [bit]. */
function entropyBits(weights: Float64Array): number {
  let [total, sum] = [0, 0]
  for (const weight of weights) {
    if (weight <= 0) continue
    total += weight
    sum += weight * log2(weight)
  }
  return log2(total) - sum / total
}

/** One answer: what every standing hypothesis expects of it, as seen and as it would count. */
interface Outcome {
  readonly expected: Float64Array
  readonly counted: Float64Array
}

function outcomesOf(
  name: FeatureName,
  { setting, known }: VerdictState,
  { columns }: Standing,
): readonly (Outcome & { readonly value: string })[] {
  const { values, rows } = featureTable(name, setting)
  const counts = countsOf(name, known)
  return values.map((value, index) => {
    const expected = Float64Array.from(columns, (column) => rows[index]?.[column] ?? 0)
    return { value, expected, counted: expected.map((each) => each ** counts) }
  })
}

// Plain loops: every stroke of the brush runs through these some hundred thousand times.
function times(a: Float64Array, b: Float64Array): Float64Array {
  const product = new Float64Array(a.length)
  for (let index = 0; index < a.length; index += 1) {
    product[index] = (a[index] ?? 0) * (b[index] ?? 0)
  }
  return product
}
function total(values: Float64Array): number {
  let sum = 0
  for (const each of values) sum += each
  return sum
}

/** Every combination of answers of several features. */
function combined(perFeature: readonly (readonly Outcome[])[]): readonly Outcome[] {
  return perFeature.reduce((so, outcomes) =>
    so.flatMap((one) =>
      outcomes.map((other) => ({
        expected: times(one.expected, other.expected),
        counted: times(one.counted, other.counted),
      })),
    ),
  )
}

/** Whether a feature can be asked of the stand, and is not known yet. */
function isOpen(name: FeatureName, { setting, known }: VerdictState): boolean {
  if (known.has(name)) return false
  return isTest(name) || findingsAsked(setting.context).includes(name as FindingName)
}

const openFeatures = (check: Check, state: VerdictState): readonly FeatureName[] =>
  check.reveals.filter((name) => isOpen(name, state))

/** Money, minutes and days of a check together, getting up for it with them [money]. */
export function effortOf({ money, minutes, days }: Check): number {
  return money + minutes * worth.minute.value + days * worth.day.value + worth.start.value
}

/** Whether one cause stands clearly ahead, or one may act. */
const isClear = ({ beginnings, takesPart }: Standing, weights: Float64Array): boolean =>
  bestCredit(beginnings, weights).chance >= bounds.settledFrom.value ||
  likeliestCause(takesPart, weights) >= bounds.leaningFrom.value

function gainOf(
  outcomes: readonly Outcome[],
  standing: Standing,
): Pick<NextCheck, 'gainBits' | 'treatmentGain' | 'settles'> {
  const { probabilities, credits } = standing
  let bits = entropyBits(probabilities)
  let treatment = -bestCredit(credits, probabilities).chance
  let clear = isClear(standing, probabilities) ? -1 : 0
  for (const { expected, counted } of outcomes) {
    const chance = total(times(expected, probabilities))
    const after = times(counted, probabilities)
    bits -= chance * entropyBits(after)
    treatment += chance * bestCredit(credits, after).chance
    if (isClear(standing, after)) clear += chance
  }
  return { gainBits: bits, treatmentGain: treatment, settles: Math.max(0, clear) }
}

/**
 * Once the leaf is described and iron may be the remedy, pH is asked first where it is unknown, whatever
 * is worth more for the minute.
 */
const asksPH = ({ check, gainBits }: NextCheck, { state, ironIsRemedy }: Verdict): boolean =>
  check.reveals.includes('pH') &&
  isOpen('pH', state) &&
  state.known.has('tier') &&
  state.known.has('pattern') &&
  ironIsRemedy >= bounds.ironToAskPH.value &&
  gainBits >= bounds.leastPHGain.value

/**
 * The checks still open, the most worth for the effort first: how much each is expected to separate
 * the causes standing and to better the choice of remedy, against its money, minutes and days.
 * @source expected mutual information (Shannon 1948) and expected value of sample information
 * (Raiffa & Schlaifer 1961); the worths in `data/checks.ts` are our judgement; pH first where it is
 * unknown is common practice
 */
export function nextChecks(verdict: Verdict): readonly NextCheck[] {
  const { state } = verdict
  const standing = standingOf(state)
  const doubtBits = entropyBits(standing.probabilities)
  return checks
    .filter(({ contexts }) => contexts?.includes(state.setting.context) ?? true)
    .map((check) => checkIn(check, state.setting.context))
    .flatMap((check): NextCheck[] => {
      const features = openFeatures(check, state)
      if (features.length === 0) return []
      const outcomes = combined(features.map((name) => outcomesOf(name, state, standing)))
      const gain = gainOf(outcomes, standing)
      const effort = effortOf(check)
      const learned =
        gain.treatmentGain * worth.wrongRemedy.value +
        gain.gainBits * worth.bit.value +
        gain.settles * worth.settled.value
      return [
        {
          check,
          ...gain,
          clears: doubtBits > 0 ? gain.gainBits / doubtBits : 0,
          effort,
          gainForEffort: learned / effort,
        },
      ]
    })
    .toSorted(
      (a, b) =>
        Number(asksPH(b, verdict)) - Number(asksPH(a, verdict)) ||
        b.gainForEffort - a.gainForEffort,
    )
}

function answersOfFeature(name: FeatureName, verdict: Verdict): readonly CheckAnswer[] {
  const { state } = verdict
  const standing = standingOf(state)
  const { hypotheses, probabilities, credits } = standing
  const now = verdict.ranked[0]?.id
  const best = bestCredit(credits, probabilities).treatment
  const { label, values } = featureOf(name)
  return outcomesOf(name, state, standing).map(({ value, expected, counted }) => {
    const after = times(counted, probabilities)
    const top = after.reduce((at, each, index) => (each > (after[at] ?? 0) ? index : at), 0)
    const leading = hypotheses[top]
    return {
      feature: name,
      value,
      words: `${label}: ${values[value] ?? value}`,
      chance: total(times(expected, probabilities)),
      leads: leading ? hypothesisName(leading.causes) : '',
      probability: (after[top] ?? 0) / total(after),
      changesLead: leading?.id !== now,
      changesTreatment: bestCredit(credits, after).treatment !== best,
    }
  })
}

/** What each answer to a check would do, the likeliest answer first. */
export function answersTo(check: Check, verdict: Verdict): readonly CheckAnswer[] {
  return openFeatures(check, verdict.state)
    .flatMap((name) => answersOfFeature(name, verdict))
    .toSorted((a, b) => b.chance - a.chance)
}

/** What would change my mind: single answers that would put another cause on top, likeliest first. */
export function mindChangers(verdict: Verdict): readonly CheckAnswer[] {
  const open = checks
    .filter(({ contexts }) => contexts?.includes(verdict.state.setting.context) ?? true)
    .flatMap((check) => openFeatures(check, verdict.state))
  return [...new Set(open)]
    .flatMap((name) => answersOfFeature(name, verdict))
    .filter(({ changesLead, chance }) => changesLead && chance >= bounds.leastChance.value)
    .toSorted((a, b) => b.chance * b.probability - a.chance * a.probability)
}
