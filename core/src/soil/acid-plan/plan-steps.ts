import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import { findAcidity, type SourceId } from '../../material/source/index.ts'
import { limitedBy } from './limited-by.ts'
import { againstDay, limitsOf, type AcidStep, type StepFacts } from './step-rules.ts'

export interface StepsInput extends StepFacts {
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
const planDays = 3 * 365
const daysPerYear = 365
const daysPerWeek = 7
/** A rest this small is not worth a walk [share of the whole]. */
const leastShare = 0.01
/** Share of an even step that must have room; nitrogen takes what its year has left. */
const worthAWalk = 0.6

/** Something of the same kind on the ground, by days from the start and in product of the plan. */
interface Placed {
  readonly at: number
  readonly year: string
  readonly kgPerM2: number
  readonly isDone: boolean
}

/** What of a kind stands on the ground already, so that a day is asked with numbers alone. */
function placedOf(input: StepsInput): Placed[] {
  const { sourceId, startsOn, planned, done } = input
  const { kind, share } = limitedBy(sourceId)
  const place = (isDone: boolean) => (step: AcidStep) => {
    const by = limitedBy(step.sourceId)
    const at = daysBetween(startsOn, step.day)
    const kgPerM2 = (step.kgPerM2 * by.share) / share
    return by.kind === kind ? [{ at, year: step.day.slice(0, 4), kgPerM2, isDone }] : []
  }
  return [...planned.flatMap(place(false)), ...done.flatMap(place(true))]
}

/** Room that limits leave on a day, for more of a source [kg/m² of product]. */
function roomAt(
  { at, year }: Pick<Placed, 'at' | 'year'>,
  placed: readonly Placed[],
  { sourceId, situation, nitrogenLeft }: StepsInput,
): number {
  const { kind, share, onceKg, yearKg, daysApart } = limitsOf(situation, sourceId)
  let [inYear, ofBudget] = [0, 0]
  for (const each of placed) {
    const away = Math.abs(each.at - at)
    if (away < daysApart.value) return 0
    if (away < daysPerYear) inYear += each.kgPerM2
    if (!each.isDone && each.year === year) ofBudget += each.kgPerM2
  }
  const budget = kind === 'nitrogen' ? nitrogenLeft(year) : undefined
  const left = budget === undefined ? Infinity : budget / share - ofBudget
  return Math.max(0, Math.min(onceKg, yearKg - inYear, left))
}

/**
 * Puts an amount out in steps that the situation bears: as early as soil and season allow, evenly
 * filled, never over a limit.
 * @throws {CoreError} unknown-name, date-unreadable
 * @source limits and windows carry their own sources
 */
export function planSteps(input: StepsInput): PlannedSteps {
  const { sourceId, kgPerM2, startsOn, situation } = input
  findAcidity(sourceId)
  const { onceKg, kind } = limitsOf(situation, sourceId)
  const steps: AcidStep[] = []
  let left = kgPerM2
  if (onceKg === 0 || kgPerM2 <= 0) return { steps, leftKgPerM2: Math.max(0, left) }
  const placed = placedOf(input)
  for (let at = 0; at <= planDays && left >= kgPerM2 * leastShare; at += daysPerWeek) {
    const day = addDays(startsOn, at)
    const year = day.slice(0, 4)
    const room = roomAt({ at, year }, placed, input)
    // Filled evenly: two of four rather than a five and a three.
    const even = left / Math.ceil(left / onceKg - 1e-9)
    if (room < even * (kind === 'nitrogen' ? leastShare : worthAWalk)) continue
    if (againstDay(input, sourceId, day) !== undefined) continue
    const amount = Math.min(room, even)
    steps.push({ day, sourceId, kgPerM2: amount })
    placed.push({ at, year, kgPerM2: amount, isDone: false })
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
