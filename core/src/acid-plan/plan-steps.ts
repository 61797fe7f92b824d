import { addDays, daysBetween, type Day } from '../calendar/index.ts'
import type { SourceId } from '../source/index.ts'
import { findAcidity, limitedBy } from './find-acidity.ts'
import {
  againstDay,
  limitsOf,
  weeksBetween,
  type AcidStep,
  type StepGrounds,
} from './step-rules.ts'

export interface StepsInput extends StepGrounds {
  readonly sourceId: SourceId
  /** In all [kg/m² of product]. */
  readonly kgPerM2: number
  readonly startsOn: Day
  /** Steps planned beside these, and what went on already, whose nitrogen is off the budget. */
  readonly planned: readonly AcidStep[]
  readonly done: readonly AcidStep[]
}

/** Steps that put an amount out, and what found no room in three years. */
export interface PlannedSteps {
  readonly steps: readonly AcidStep[]
  readonly leftKgPerM2: number
}

/** As far ahead as anybody plans [d]. */
export const planDays = 3 * 365
const daysPerYear = 365
/** A rest this small is not worth a walk [share of the whole]. */
const leastShare = 0.01

/** Room that limits leave on a day, for more of a source [kg/m² of product]. */
function roomOn(day: Day, planned: readonly AcidStep[], input: StepsInput): number {
  const { sourceId, situation, nitrogenLeft, done } = input
  const { kind, share, onceKg, yearKg, daysApart } = limitsOf(situation, sourceId)
  const isOfKind = (each: AcidStep) => limitedBy(each.sourceId).kind === kind
  const daysAway = (each: AcidStep) => Math.abs(daysBetween(each.day, day))
  const all = [...planned, ...done].filter(isOfKind)
  if (all.some((each) => daysAway(each) < daysApart)) return 0
  const sumOf = (steps: readonly AcidStep[]) =>
    steps.reduce((sum, each) => sum + (each.kgPerM2 * limitedBy(each.sourceId).share) / share, 0)
  const inYear = sumOf(all.filter((each) => daysAway(each) < daysPerYear))
  const year = day.slice(0, 4)
  const budget = kind === 'nitrogen' ? nitrogenLeft(year) : undefined
  const used = sumOf(planned.filter((each) => isOfKind(each) && each.day.startsWith(year)))
  const left = budget === undefined ? Infinity : budget / share - used
  return Math.max(0, Math.min(onceKg, yearKg - inYear, left))
}

/**
 * Puts an amount out in steps that the situation bears: as early as soil and season allow, evenly
 * filled, never over a limit.
 * @throws {CoreError} unknown-name, date-unreadable
 * @source limits and windows carry their own sources
 */
export function planSteps(input: StepsInput): PlannedSteps {
  const { sourceId, kgPerM2, startsOn, planned, situation } = input
  findAcidity(sourceId)
  const { onceKg } = limitsOf(situation, sourceId)
  const steps: AcidStep[] = []
  let left = kgPerM2
  if (onceKg === 0 || kgPerM2 <= 0) return { steps, leftKgPerM2: Math.max(0, left) }
  for (const day of weeksBetween(startsOn, addDays(startsOn, planDays))) {
    if (left < kgPerM2 * leastShare) break
    if (againstDay(input, sourceId, day) !== undefined) continue
    const room = roomOn(day, [...planned, ...steps], input)
    if (room < kgPerM2 * leastShare && room < left) continue
    // Filled evenly: two of four rather than a five and a three.
    const even = left / Math.ceil(left / onceKg - 1e-9)
    const amount = Math.min(room, even)
    steps.push({ day, sourceId, kgPerM2: amount })
    left -= amount
  }
  return { steps, leftKgPerM2: left < kgPerM2 * leastShare ? 0 : left }
}

/** Days on which pH is tested again: after each year, and two months after quick salts. */
export function retestDays(steps: readonly AcidStep[]): readonly Day[] {
  const days = steps.map(({ day }) => day).toSorted()
  const [first, last] = [days[0], days.at(-1)]
  if (first === undefined || last === undefined) return []
  const isQuick = steps.every(({ sourceId }) => findAcidity(sourceId).action === 'quick')
  if (isQuick) return [addDays(last, quickRetestDays)]
  const years = Math.min(3, Math.ceil((daysBetween(first, last) + 1) / daysPerYear) + 1)
  return Array.from({ length: years }, (_, index) => addDays(first, (index + 1) * daysPerYear - 1))
}
/** Salts have acted by then, and the season’s salt is washed out [d]. */
const quickRetestDays = 60
