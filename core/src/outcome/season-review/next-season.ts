import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import { lookAhead, unanswered } from './data/season-figures.ts'
import type { SeasonReview, StandReview } from './season-review.ts'
import type { SourceWorth } from './treatment-worth.ts'

/** A look from which the next season of a stand starts. */
export interface FirstLook {
  readonly standId: string
  readonly name: string
  /** When it went pale this season. */
  readonly paleFrom: Day
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
  /** Days from one to the next [d]. */
  readonly everyDays: number
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

function firstLook(
  { standId, name, paleFrom }: StandReview,
  planned: readonly PlannedLook[],
  today: Day,
): FirstLook[] {
  if (paleFrom === undefined) return []
  const wanted = addDays(yearOn(paleFrom), -lookAhead.value)
  const lookOn = wanted > today ? wanted : addDays(today, 1)
  const isNear = (look: PlannedLook) =>
    look.standId === standId && Math.abs(daysBetween(lookOn, look.dueOn)) <= lookAhead.value
  return [{ standId, name, paleFrom, lookOn, plannedOn: planned.find(isNear)?.dueOn }]
}

/** As many treatments as keep it green for as long as this season's did, at the days for which they are expected to hold. */
function needOf(
  { standId, appliedName, treatments, answered, gained, cost }: SourceWorth,
  name: string,
): SeasonNeed[] {
  const [first] = treatments
  if (!first || gained.usual < 1 || (answered ?? 1) <= unanswered.value) return []
  const { low, high } = first.response.fades
  const everyDays = Math.round((low + high) / 2)
  const kept = treatments.reduce((sum, { gained: own }) => sum + (own?.usual ?? 0), 0)
  const count = Math.max(1, Math.ceil(kept / everyDays))
  const kgEach = treatments.reduce((sum, { entry }) => sum + entry.productKg, 0) / treatments.length
  return [
    {
      standId,
      name,
      appliedName,
      treatments: count,
      everyDays,
      productKg: kgEach * count,
      cost: (cost / treatments.length) * count,
    },
  ]
}

/**
 * What the next season starts from: a look before each stand went pale this season, and what it is likely to
 * need of what worked. Days gained are kept with as few treatments as the expected days between them allow.
 * @param planned looks that are planned already
 * @returns looks in the order of days, none before tomorrow; amounts [kg], [money]
 * @throws {CoreError} date-unreadable
 */
export function nextSeason(
  { stands, sources }: SeasonReview,
  planned: readonly PlannedLook[],
  today: Day,
): NextSeason {
  const names = new Map(stands.map(({ standId, name }) => [standId, name]))
  return {
    looks: stands
      .flatMap((stand) => firstLook(stand, planned, today))
      .toSorted((a, b) => a.lookOn.localeCompare(b.lookOn)),
    needs: sources.flatMap((source) => needOf(source, names.get(source.standId) ?? '')),
  }
}
