import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import type { UntreatedCourse } from '../untreated/index.ts'
import { bestInterval, type BestInterval } from '../regreening/index.ts'
import { lookAhead, unanswered } from './data/season-figures.ts'
import type { SeasonReview, StandReview } from './season-review.ts'
import type { SourceWorth } from './treatment-worth.ts'

/** A look from which the next season of a stand starts. */
export interface FirstLook {
  readonly standId: string
  readonly name: string
  /** When it went pale this season; undefined where it was not seen pale. */
  readonly paleFrom: Day | undefined
  /** When it is expected to go pale without treatment, as it did through the years; undefined: not known. */
  readonly expectedFrom: Day | undefined
  readonly lookOn: Day
  /** The day of a look that is planned about then; undefined for none. */
  readonly plannedOn: Day | undefined
}

/** What a stand is likely to need next season, if it goes as this one went. */
export interface SeasonNeed {
  readonly standId: string
  readonly name: string
  readonly appliedName: string
  readonly treatments: number
  /** From one to the next, at which treatments and pale leaves together cost least. */
  readonly interval: BestInterval
  /** Of product [kg], and what it costs as it did this season [money]. */
  readonly productKg: number
  readonly cost: number
}

export interface NextSeason {
  readonly looks: readonly FirstLook[]
  readonly needs: readonly SeasonNeed[]
}

const yearOn = (day: Day): Day => addDays(`${Number(day.slice(0, 4)) + 1}${day.slice(4, 7)}-01`, Number(day.slice(8)) - 1) // prettier-ignore

/** A look that is planned. */
interface PlannedLook {
  readonly standId: string
  readonly dueOn: Day
}

/**
 * When a stand is expected to go pale, by the years in which nobody treated it; undefined where too little was
 * seen of it, or where it goes pale now: that is of this season.
 */
function paleByCourse(
  standId: string,
  { courses, today }: Pick<NextAsked, 'courses' | 'today'>,
): Day | undefined {
  const course = courses?.stands.find((each) => each.standId === standId)
  if (!course || course.knowsTooLittle) return undefined
  return course.pale.find(({ from }) => daysBetween(today, from) > lookAhead.value)?.from
}

function firstLook({ standId, name, paleFrom }: StandReview, asked: NextAsked): FirstLook[] {
  const { planned, today } = asked
  const expectedFrom = paleByCourse(standId, asked)
  const paleAgain = expectedFrom ?? (paleFrom && yearOn(paleFrom))
  if (paleAgain === undefined || paleAgain <= today) return []
  const wanted = addDays(paleAgain, -lookAhead.value)
  const lookOn = wanted > today ? wanted : addDays(today, 1)
  const isNear = (look: PlannedLook) =>
    look.standId === standId && Math.abs(daysBetween(lookOn, look.dueOn)) <= lookAhead.value
  const plannedOn = planned.find(isNear)?.dueOn
  return [{ standId, name, paleFrom, expectedFrom, lookOn, plannedOn }]
}

/** As many treatments as keep it green for as long as this season's did, at the interval that costs least. */
function needOf(
  { standId, appliedName, treatments, answered, gained, cost }: SourceWorth,
  { name, paleLossPerDay }: StandReview,
  tripCost: number,
): SeasonNeed[] {
  const before = treatments.find(({ untreated }) => untreated !== undefined)
  if (before?.untreated === undefined) return []
  if (gained.usual < 1 || (answered ?? 1) <= unanswered.value) return []
  const { response, untreated } = before
  const costEach = cost / treatments.length
  const interval = bestInterval({ response, untreated, cost: costEach + tripCost, paleLossPerDay })
  const kept = treatments.reduce((sum, { gained: own }) => sum + (own?.usual ?? 0), 0)
  const count = Math.max(1, Math.ceil(kept / interval.days))
  const kgEach = treatments.reduce((sum, { entry }) => sum + entry.productKg, 0) / treatments.length
  return [
    {
      standId,
      name,
      appliedName,
      treatments: count,
      interval,
      productKg: kgEach * count,
      cost: costEach * count,
    },
  ]
}

/** What is asked of a next season. */
export interface NextAsked {
  /** Looks that are planned already. */
  readonly planned: readonly PlannedLook[]
  /** How stands look through the year without treatment, where that is expected of them. */
  readonly courses?: UntreatedCourse | undefined
  readonly today: Day
}

/**
 * What the next season starts from: a look before each stand is expected to go pale, by what the place taught
 * or as it did this season; and what it is likely to need of what worked: days gained are kept at the
 * interval that costs least.
 * @returns looks in the order of days, none before tomorrow, and none where the day is past; amounts [kg], [money]
 * @throws {CoreError} date-unreadable
 */
export function nextSeason(
  { stands, sources, tripCost }: SeasonReview,
  asked: NextAsked,
): NextSeason {
  const standOf = new Map(stands.map((stand) => [stand.standId, stand]))
  return {
    looks: stands
      .flatMap((stand) => firstLook(stand, asked))
      .toSorted((a, b) => a.lookOn.localeCompare(b.lookOn)),
    needs: sources.flatMap((source) => {
      const stand = standOf.get(source.standId)
      return stand ? needOf(source, stand, tripCost) : []
    }),
  }
}
