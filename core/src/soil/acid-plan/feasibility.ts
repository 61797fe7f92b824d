import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import { quantityOf, valueIn, type UnitSystem } from '../../base/quantity/index.ts'
import type { FigureRange } from '../../base/reference/index.ts'
import type { AcidGround } from './acid-ground.ts'
import type { AcidNeed } from './acid-need.ts'
import { kgLimePerMol, molPerKgSulfur } from '../../material/source/index.ts'
import {
  insteadOfAcid,
  limeThatWorks,
  limeWithPatience,
  pHDoubtToAct,
  waterThatMatters,
  yearsThatWork,
  yearsWithPatience,
} from './data/feasibility.ts'
import { stepLimits, type Situation } from './data/situations.ts'

/** Whether acidifying can work, in one word. */
export const feasibilityWords = {
  can: 'It can work',
  slow: 'It works slowly',
  test: 'Test first',
  no: 'Do not try',
} as const
export type FeasibilityWord = keyof typeof feasibilityWords

export interface Feasibility {
  readonly word: FeasibilityWord
  /** The reason that decides, first, and what else speaks. */
  readonly reasons: readonly string[]
  readonly instead: readonly string[]
  /** Years in steps that the situation bears, 10 to 90 of 100. */
  readonly years: FigureRange
  /** What the other schools would say, where they say otherwise. */
  readonly schools: readonly string[]
}

export interface FeasibilityInput {
  readonly ground: AcidGround
  readonly need: AcidNeed
  readonly situation: Situation
  /** Base that the water brings in a year, and that acid in it leaves [mol/m²]. */
  readonly waterMolPerYear: number
  /** Units in which reasons are said. */
  readonly system: UnitSystem
}

/** "32,000 lb sulfur/acre"; two figures are as many as it deserves. */
function sulfurWords(kgPerM2: number, system: UnitSystem): string {
  const isUs = system === 'us'
  const value = valueIn(quantityOf(kgPerM2, 'kg/m2'), isUs ? 'lb/acre' : 'kg/ha')
  return `${formatNumber(Number(value.toPrecision(2)))} ${isUs ? 'lb sulfur/acre' : 'kg sulfur/ha'}`
}

interface Judged {
  readonly word: FeasibilityWord
  readonly reason: string
}

/** From best to worst; untested ground counts as worse than slow, better than hopeless. */
const order: readonly FeasibilityWord[] = ['can', 'slow', 'test', 'no']

function byLime({ ground, need, system }: FeasibilityInput): Judged {
  const { lime } = ground
  const sulfur = sulfurWords(need.limeMolPerM2.usual / molPerKgSulfur, system)
  const loss = `it takes ${sulfur} before pH moves at all`
  if (lime.known === 'assumed' && lime.high > limeWithPatience.value) {
    return {
      word: 'test',
      reason: `${lime.words.replace(/^./, (first) => first.toUpperCase())}. A drop of vinegar or dilute acid tells.`,
    }
  }
  const percent = `About ${formatNumber(lime.usual, 2)} % free lime`
  if (lime.usual > limeWithPatience.value) return { word: 'no', reason: `${percent}: ${loss}.` }
  if (lime.usual > limeThatWorks.value) return { word: 'slow', reason: `${percent}: ${loss}.` }
  return { word: 'can', reason: `Hardly any free lime (${lime.words}).` }
}

/** A fizz that the pH speaks against. */
function byContradiction({ ground }: FeasibilityInput): Judged | undefined {
  const { contradiction } = ground.lime
  return contradiction === undefined ? undefined : { word: 'test', reason: contradiction }
}

function byReading({ ground }: FeasibilityInput): Judged | undefined {
  if (ground.pHDoubt <= pHDoubtToAct.value) return undefined
  const known = `The pH is known to ± ${formatDecimals(ground.pHDoubt, 1)} only`
  return { word: 'test', reason: `${known}: measure it anew before anything is bought.` }
}

function byYears(years: FigureRange): Judged {
  const span = `${formatNumber(years.low, 2)}-${formatNumber(years.high, 2)} years`
  if (years.usual > yearsWithPatience.value) {
    return { word: 'no', reason: `In steps that this ground bears it takes ${span}.` }
  }
  if (years.usual > yearsThatWork.value) {
    return { word: 'slow', reason: `In steps that this ground bears it takes ${span}.` }
  }
  return { word: 'can', reason: `Its steps fit into ${span}.` }
}

function byWater(yearMol: number, waterMol: number): Judged | undefined {
  if (waterMol <= 0) return undefined
  const eaten = waterMol / yearMol
  const percent = `${formatNumber(eaten * 100, 2)} % of the acid that may go on in a year`
  if (eaten >= 1) {
    return {
      word: 'no',
      reason: `The lime in the water takes ${percent}: the water has to be tamed first.`,
    }
  }
  return eaten > waterThatMatters.value
    ? { word: 'slow', reason: `The lime in the water takes ${percent}: tame it first.` }
    : { word: 'can', reason: `The lime in the water takes ${percent}.` }
}

/** The mirror of acidifying; it always works, and is soon too much. */
const liming: Judged = {
  word: 'can',
  reason:
    'The target lies above: that is liming. In moderation, in steps, with iron and manganese watched.',
}

function schoolsOf(ground: AcidGround, word: FeasibilityWord): readonly string[] {
  const isLimy = ground.lime.usual > limeThatWorks.value
  return [
    ...((word === 'no' || word === 'test') && ground.lime.high > limeWithPatience.value
      ? ['“Always mend the soil” would begin all the same, and pay for the lime.']
      : []),
    ...(isLimy && word === 'slow'
      ? ['“Never on free lime” would leave the ground and live with chelates.']
      : []),
  ]
}

/**
 * Whether acidifying can work: by free lime first, then by the years that safe steps take, then by
 * the lime that water brings against it.
 * @source bounds carry their own source; common practice and judgement
 */
export function feasibility(input: FeasibilityInput): Feasibility {
  const { ground, need, situation, waterMolPerYear } = input
  const isDown = need.direction === 'down'
  const { sulfur, lime } = stepLimits[situation]
  const yearMol = isDown ? sulfur.year.value * molPerKgSulfur : lime.year.value / kgLimePerMol
  const { low, usual, high } = need.molPerM2
  // A first step acts in its own year: what fits into one is a year's work.
  const inYears = (mol: number) => Math.max(1, mol / yearMol)
  const years = { low: inYears(low), usual: inYears(usual), high: inYears(high) }
  const onLime = isDown ? byLime(input) : liming
  const odd = byContradiction(input)
  // A guess at lime is no reason to give up: test first, whatever it would come to.
  const isGuess = onLime.word === 'test' || odd !== undefined
  const ofGuess = (by: Judged): Judged =>
    isGuess && by.word === 'no' ? { ...by, word: 'test' } : by
  const judged = [
    byReading(input),
    odd,
    ofGuess(onLime),
    ofGuess(byYears(years)),
    isDown ? byWater(yearMol, waterMolPerYear) : undefined,
  ].filter((each) => each !== undefined)
  const sorted = judged.toSorted((a, b) => order.indexOf(b.word) - order.indexOf(a.word))
  const word = sorted[0]?.word ?? 'can'
  return {
    word,
    reasons: sorted.map(({ reason }) => reason),
    instead: word === 'no' ? insteadOfAcid : [],
    years,
    schools: schoolsOf(ground, word),
  }
}
