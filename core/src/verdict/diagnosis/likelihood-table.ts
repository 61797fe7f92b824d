import type { Findings } from '../../seen/finding/index.ts'
import type { Context, Plant } from '../../stand/plant/index.ts'
import { causesOf } from './causes.ts'
import { background } from './data/background.ts'
import type { ByValue, Cause, LeafKind } from './data/cause.ts'
import { featureOf, seenRight, type FeatureName } from './data/features.ts'
import { bothEnds } from './data/pairs.ts'
import { hypothesesOf, type Hypothesis } from './hypotheses.ts'

const leafKindOf = ({ leafForm }: Plant): LeafKind =>
  leafForm === 'blade' || leafForm === 'frond' ? leafForm : 'broad'

/** What the tables depend on: the kind of stand, the leaf, and signs that hold only with others. */
export interface Setting {
  readonly context: Context
  readonly leaf: LeafKind
  readonly findings: Findings
}

/** What the tables of a case depend on: its kind of stand, the leaf of its plant, and what was found. */
export const settingOf = (context: Context, plant: Plant, findings: Findings): Setting => ({
  context,
  leaf: leafKindOf(plant),
  findings,
})

/** Probability of every value of a feature under every hypothesis of the context. */
export interface FeatureTable {
  readonly values: readonly string[]
  /** By value, then by hypothesis in the order of {@link hypothesesOf}. */
  readonly rows: readonly Float64Array[]
}

type Chances = readonly number[]

function normalised(weights: readonly number[]): Chances {
  const total = weights.reduce((sum, each) => sum + each, 0)
  return weights.map((each) => each / total)
}
const of = (table: ByValue, value: string): number => table[value] ?? table['otherwise'] ?? 1

/** How often each value is met on pale plants at large. */
export function backgroundChances(name: FeatureName, { context, leaf }: Setting): Chances {
  const { otherwise, blade, inContext } = background[name]
  const table = inContext?.[context] ?? (leaf === 'blade' ? blade : undefined) ?? otherwise
  return normalised(Object.keys(featureOf(name).values).map((value) => of(table, value)))
}

/** Signs that a cause shows in a setting; undefined where it says nothing of the feature. */
function signsOf(cause: Cause, name: FeatureName, setting: Setting): ByValue | undefined {
  const special = cause.signsWhen?.find(
    ({ feature, when }) =>
      feature === name &&
      Object.entries(when).every(([each, value]) => setting.findings[each as never] === value),
  )
  if (special) return special.frequencies
  return cause.signsOn?.[setting.leaf]?.[name] ?? cause.signs[name]
}

/** What one cause says of a feature; undefined where it says nothing. */
interface Saying {
  readonly chances: Chances
  readonly isSign: boolean
}

function sayingOf(cause: Cause, name: FeatureName, setting: Setting): Saying | undefined {
  const values = Object.keys(featureOf(name).values)
  const signs = signsOf(cause, name, setting)
  if (signs) return { chances: normalised(values.map((value) => of(signs, value))), isSign: true }
  const times = cause.times[name]
  if (!times) return undefined
  const usual = backgroundChances(name, setting)
  const weights = values.map((value, index) => of(times, value) * (usual[index] ?? 0))
  return { chances: normalised(weights), isSign: false }
}

/** Which end of the shoot a cause begins at, where it begins at one. */
function startsAt({ signs: { tier } }: Cause): 'young' | 'old' | undefined {
  if (!tier) return undefined
  const [young, old] = [of(tier, 'youngest-only'), of(tier, 'oldest-only')]
  if (young > 4 * old) return 'young'
  return old > 4 * young ? 'old' : undefined
}

/** The cause that pales the old leaves, where the other of two pales the young ones. */
function paleOldLeaves([a, b]: readonly [Cause, Cause]): Cause | undefined {
  const [from, other] = [startsAt(a), startsAt(b)]
  if (!from || !other || from === other) return undefined
  return from === 'old' ? a : b
}

const mixed = (one: Chances, other: Chances, share: number): Chances =>
  one.map((chance, index) => chance * (1 - share) + (other[index] ?? 0) * share)

/** What shows where one cause pales the young leaves and another the old. */
function bothEndsChances(
  pair: readonly [Cause, Cause],
  name: FeatureName,
  setting: Setting,
): Chances | undefined {
  const old = paleOldLeaves(pair)
  if (!old) return undefined
  const values = Object.keys(featureOf(name).values)
  if (name === 'tier') return normalised(values.map((value) => of(bothEnds.tier, value)))
  if (name !== 'oldPattern') return undefined
  const pattern = signsOf(old, 'pattern', setting)
  return pattern && normalised(values.map((value) => (value === 'alike' ? 0 : of(pattern, value))))
}

/** What every cause of the context says of one feature. */
interface Sayings {
  readonly name: FeatureName
  readonly setting: Setting
  readonly usual: Chances
  readonly by: ReadonlyMap<Cause, Saying | undefined>
}

/** Two causes on one plant: signs of either are seen, circumstances of both are needed. */
function together(pair: readonly [Cause, Cause], sayings: Sayings): Chances | undefined {
  const { name, setting, usual, by } = sayings
  const [first, second] = pair.map((cause) => by.get(cause))
  const both = bothEndsChances(pair, name, setting)
  if (!first || !second) {
    const known = (first ?? second)?.chances
    return both ? mixed(known ?? usual, both, bothEnds.share) : known
  }
  if (first.isSign && second.isSign) {
    const either = mixed(first.chances, second.chances, 0.5)
    return both ? mixed(either, both, bothEnds.share) : either
  }
  return normalised(
    usual.map((chance, i) => ((first.chances[i] ?? 0) * (second.chances[i] ?? 0)) / chance),
  )
}

/** What a hypothesis says of a feature before anyone's eye errs; undefined where it says nothing. */
function chancesUnder({ causes }: Hypothesis, sayings: Sayings): Chances | undefined {
  return causes.length === 1 ? sayings.by.get(causes[0])?.chances : together(causes, sayings)
}

function buildTable(name: FeatureName, setting: Setting): FeatureTable {
  const hypotheses = hypothesesOf(setting.context)
  const values = Object.keys(featureOf(name).values)
  const usual = backgroundChances(name, setting)
  const causes = causesOf(setting.context)
  const by = new Map(causes.map((cause) => [cause, sayingOf(cause, name, setting)]))
  const sayings = { name, setting, usual, by }
  const right = seenRight(name).value
  const rows = values.map(() => new Float64Array(hypotheses.length))
  hypotheses.forEach((hypothesis, column) => {
    const chances = chancesUnder(hypothesis, sayings) ?? usual
    rows.forEach((row, index) => {
      row[column] = right * (chances[index] ?? 0) + (1 - right) * (usual[index] ?? 0)
    })
  })
  return { values, rows }
}

const built = new Map<string, FeatureTable>()

/** The part of a look that changes what a table holds. */
const variantOf = ({ growth, onset }: Findings): string =>
  growth === 'very-fast' && onset === 'since-planting' ? 'fast' : ''

/** The table of a feature, built once for each kind of stand and leaf. */
export function featureTable(name: FeatureName, setting: Setting): FeatureTable {
  const key = `${name}|${setting.context}|${setting.leaf}|${variantOf(setting.findings)}`
  const known = built.get(key)
  if (known) return known
  const table = buildTable(name, setting)
  built.set(key, table)
  return table
}
