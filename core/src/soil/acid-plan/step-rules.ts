import { formatNumber } from '../../base/writing/index.ts'
import { daysBetween, type Day } from '../../base/calendar/index.ts'
import { soilTemperature, type SoilClimate } from '../climate/index.ts'
import { quantityOf, valueIn, warmthWords, type UnitSystem } from '../../base/quantity/index.ts'
import {
  findAcidity,
  findSource,
  type LimitedKind,
  type SourceId,
} from '../../material/source/index.ts'
import { limitedBy } from './limited-by.ts'
import { situations, stepLimits, sulfurWindow, type Situation } from './data/situations.ts'

/** One application of a plan, or one that was done. */
export interface AcidStep {
  readonly day: Day
  readonly sourceId: SourceId
  readonly kgPerM2: number
}

/** Where steps go, and what is left of the nitrogen that may go there. */
export interface StepFacts {
  readonly situation: Situation
  readonly climate: SoilClimate
  /** Units in which problems are said. */
  readonly system: UnitSystem
  /** Nitrogen that a calendar year still bears [kg/m²]; undefined where nothing limits it. */
  readonly nitrogenLeft: (year: string) => number | undefined
}

/** Something wrong with a step. A hard one stops it; a soft one is said. */
export interface StepProblem {
  /** Place of the step in the list. */
  readonly index: number
  readonly isHard: boolean
  readonly words: string
}

const daysPerYear = 365
/** Rounding that a limit forgives. */
const slack = 1 + 1e-9

/** Limits of a source in a situation, turned into product [kg/m²]. */
export function limitsOf(situation: Situation, sourceId: SourceId) {
  const { kind, share } = limitedBy(sourceId)
  const { once, year, daysApart } = stepLimits[situation][kind]
  return { kind, share, daysApart, onceKg: once.value / share, yearKg: year.value / share }
}

/** Why a day is wrong for a source; undefined when it is not. */
export function againstDay(
  { situation, climate, system }: StepFacts,
  sourceId: SourceId,
  day: Day,
): string | undefined {
  const { action } = findAcidity(sourceId)
  const soilC = soilTemperature(climate, day)
  const said = `soil usually stands at ${warmthWords(soilC, system)} then`
  if (action === 'sulfur' && soilC < sulfurWindow.leastC.value) {
    return `${said}: under ${warmthWords(sulfurWindow.leastC.value, system)} sulfur only waits`
  }
  const isGrass = situation === 'turf' || situation === 'green'
  if (isGrass && action !== 'lime' && soilC > sulfurWindow.mostTurfC.value) {
    return `${said}: it scorches grass in heat`
  }
  return undefined
}

/** What of a kind went on in the year up to a day, by steps before it in the list [kg/m²]. */
function inYearBefore(steps: readonly AcidStep[], day: Day, kind: LimitedKind): number {
  return steps.reduce((sum, step) => {
    const by = limitedBy(step.sourceId)
    const ago = daysBetween(step.day, day)
    return by.kind === kind && ago >= 0 && ago < daysPerYear ? sum + step.kgPerM2 * by.share : sum
  }, 0)
}

/** "24.4 g/m²", "5 lb/1000 ft²". */
function rateWords(kgPerM2: number, system: UnitSystem): string {
  const isUs = system === 'us'
  const value = isUs ? valueIn(quantityOf(kgPerM2, 'kg/m2'), 'lb/1000 ft2') : kgPerM2 * 1000
  return `${formatNumber(Number(value.toFixed(1)))} ${isUs ? 'lb/1000 ft²' : 'g/m²'}`
}

interface Before {
  readonly planned: readonly AcidStep[]
  readonly done: readonly AcidStep[]
}

function hardProblems(
  step: AcidStep,
  { planned, done }: Before,
  { situation, nitrogenLeft, system }: StepFacts,
): readonly string[] {
  const before = [...planned, ...done]
  const { name } = findSource(step.sourceId)
  const { kind, share } = limitedBy(step.sourceId)
  const { once, year, daysApart } = stepLimits[situation][kind]
  const amount = step.kgPerM2 * share
  const said = (kgPerM2: number) => rateWords(kgPerM2, system)
  const where = situations[situation].label.toLowerCase()
  const problems: string[] = []
  if (once.value === 0) return [`${name} does not go onto ${where}.`]
  if (amount > once.value * slack) {
    problems.push(
      `${said(amount)} ${kind} at once is over ${said(once.value)} for ${where} (${once.source}).`,
    )
  }
  const withBefore = inYearBefore(before, step.day, kind) + amount
  if (withBefore > year.value * slack) {
    problems.push(
      `${said(withBefore)} ${kind} in a year is over ${said(year.value)} for ${where} (${year.source}).`,
    )
  }
  const close = before.find(
    ({ day, sourceId }) =>
      limitedBy(sourceId).kind === kind && Math.abs(daysBetween(day, step.day)) < daysApart.value,
  )
  if (close) {
    problems.push(
      `${daysBetween(close.day, step.day)} days after another ${kind} step; wait ${daysApart.value}.`,
    )
  }
  if (kind === 'nitrogen') {
    const ofYear = step.day.slice(0, 4)
    const left = nitrogenLeft(ofYear)
    // What was done already is off the budget.
    const used = planned
      .filter(({ day, sourceId }) => day.startsWith(ofYear) && limitedBy(sourceId).kind === kind)
      .reduce((sum, each) => sum + each.kgPerM2 * limitedBy(each.sourceId).share, 0)
    if (left !== undefined && used + amount > left * slack) {
      problems.push(
        `${said(used + amount)} nitrogen in ${ofYear} is over the ${said(Math.max(0, left))} that its budget has left.`,
      )
    }
  }
  return problems
}

/**
 * Everything that stands against steps: limits of the situation, of a year and of nitrogen are
 * hard, a day too cold or too hot is said.
 * @param done what went on already; it counts, and is not judged. Its nitrogen stands in the budget
 */
export function stepProblems(
  steps: readonly AcidStep[],
  facts: StepFacts,
  done: readonly AcidStep[] = [],
): readonly StepProblem[] {
  const inOrder = steps
    .map((step, index) => ({ step, index }))
    .toSorted((a, b) => a.step.day.localeCompare(b.step.day))
  return inOrder.flatMap(({ step, index }, place) => {
    const before = {
      planned: inOrder.slice(0, place).map((each) => each.step),
      done: done.filter(({ day }) => day <= step.day),
    }
    const hard = hardProblems(step, before, facts)
    const soft = againstDay(facts, step.sourceId, step.day)
    return [
      ...hard.map((words) => ({ index, isHard: true, words })),
      ...(soft === undefined ? [] : [{ index, isHard: false, words: `${soft}.` }]),
    ]
  })
}
