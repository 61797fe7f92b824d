import { group, mean } from 'd3-array'
import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import type { FigureRange } from '../../base/reference/index.ts'
import type { Response } from '../../material/source/index.ts'
import { lookHolds, type SeenGreenness } from '../../seen/colour/index.ts'
import { fadesWithin } from '../regreening/index.ts'
import { chanceGreen, knownDays, rangeOfDays, type KnownDay } from './green-days.ts'
import { sureOfDay } from './data/season-figures.ts'
import { costOfEntry, type SeasonEntry } from './season-record.ts'

/** What one treatment gained, as far as the looks tell. */
export interface TreatmentWorth {
  readonly entry: SeasonEntry
  readonly response: Response
  /** Greenness before the run that it belongs to [1]; undefined where nobody looked. */
  readonly untreated: number | undefined
  /** Days until the next treatment, the end of its effect or of the season. */
  readonly until: Day
  /** Days of them of which somebody can say how green the leaves were [d]. */
  readonly known: number
  /** Days that were green and would not have been without it; undefined where that cannot be told [d]. */
  readonly gained: FigureRange | undefined
  /** Whether an untreated strip says what would have been, or only the colour before. */
  readonly isAgainstStrip: boolean
  /** The season, or today, came before it was due in full: what it will gain cannot be told. */
  readonly isEarly: boolean
  /** How likely it answered at all, by the looks after it [1]; undefined where nobody looked. */
  readonly answered: number | undefined
  /** How likely it was green when it went out [1]; undefined where nobody looked. */
  readonly greenThen: number | undefined
  /** Days since the last treatment of the run that it belongs to; undefined for the first [d]. */
  readonly sinceLast: number | undefined
}

/** What was seen of a stand and of an untreated strip on it, in the order of days. */
export interface StandSeen {
  readonly own: readonly SeenGreenness[]
  readonly strip: readonly SeenGreenness[]
}

/** What is asked beside the treatments and the looks. */
export interface WorthAsked {
  /** How leaves are expected to answer. */
  readonly responseOf: (entry: SeasonEntry) => Response
  /** How likely a treatment answered, by the looks after it [1]. */
  readonly answeredOf: (entryId: string) => number | undefined
  /** The last day that counts. */
  readonly to: Day
  /** Whether leaves give up their green by themselves on a day. */
  readonly isResting: (day: Day) => boolean
  /** How green leaves mostly are on a day where nobody treats them [1]; absent: taken to stay as they are. */
  readonly untreatedOn?: ((day: Day) => number) | undefined
}

/** Days that were green, and would not have been. */
function gainedOf(
  days: readonly KnownDay[],
  without: (day: Day) => number | undefined,
): FigureRange | undefined {
  let [low, usual, high, told] = [0, 0, 0, 0]
  for (const { day, chance } of days) {
    const otherwise = without(day)
    if (otherwise === undefined) continue
    told += 1
    usual += chance * (1 - otherwise)
    if (chance >= sureOfDay.value && otherwise <= 1 - sureOfDay.value) low += 1
    if (chance >= 1 - sureOfDay.value && otherwise <= sureOfDay.value) high += 1
  }
  return told === 0 ? undefined : rangeOfDays(low, usual, high)
}

interface Placed {
  readonly entry: SeasonEntry
  readonly response: Response
  /** The first treatment of the run: each within the reach of the one before. */
  readonly runFrom: Day
  readonly sinceLast: number | undefined
}

function placeInRuns(
  entries: readonly SeasonEntry[],
  responseOf: (entry: SeasonEntry) => Response,
): Placed[] {
  const placed: Placed[] = []
  for (const entry of entries.toSorted((a, b) => a.appliedOn.localeCompare(b.appliedOn))) {
    const response = responseOf(entry)
    const last = placed.at(-1)
    const since = last ? daysBetween(last.entry.appliedOn, entry.appliedOn) : Infinity
    const isSameRun = last !== undefined && since <= fadesWithin(last.response)
    placed.push({
      entry,
      response,
      runFrom: isSameRun ? last.runFrom : entry.appliedOn,
      sinceLast: isSameRun ? since : undefined,
    })
  }
  return placed
}

/**
 * What each treatment of a stand gained: of the days from it to the next, those that were green and would not
 * have been. What would have been is what an untreated strip shows, else the colour before the run of
 * treatments it belongs to, taken to have stayed.
 * @param entries that are meant to green, of one stand
 * @returns in the order of days [d]
 * @throws {CoreError} date-unreadable
 */
export function worthOfTreatments(
  entries: readonly SeasonEntry[],
  { own, strip }: StandSeen,
  { responseOf, answeredOf, to, isResting, untreatedOn = () => 0 }: WorthAsked,
): TreatmentWorth[] {
  const placed = placeInRuns(entries, responseOf)
  return placed.map(({ entry, response, runFrom, sinceLast }, index): TreatmentWorth => {
    const next = placed[index + 1]?.entry.appliedOn
    const ends = [addDays(entry.appliedOn, fadesWithin(response)), to, ...(next === undefined ? [] : [addDays(next, -1)])] // prettier-ignore
    const until = ends.reduce((least, day) => (day < least ? day : least))
    const days = knownDays(own, entry.appliedOn, until).filter(({ day }) => !isResting(day))
    const isEarly = until === to && addDays(entry.appliedOn, response.full.high) > to
    const stripChances = new Map(knownDays(strip, entry.appliedOn, until).map(({ day, chance }) => [day, chance])) // prettier-ignore
    const before = own.findLast(({ day }) => day <= runFrom)
    const seenBefore =
      before && daysBetween(before.day, runFrom) <= lookHolds.value ? before : undefined
    // Weather that greens or pales leaves by itself has done so here as well.
    const above = seenBefore && seenBefore.greenness - untreatedOn(seenBefore.day)
    const wentOn = (day: Day) =>
      seenBefore && above !== undefined
        ? chanceGreen(above + untreatedOn(day), seenBefore.doubt)
        : undefined
    return {
      entry,
      response,
      untreated: seenBefore?.greenness,
      until,
      known: days.length,
      gained: isEarly ? undefined : gainedOf(days, (day) => stripChances.get(day) ?? wentOn(day)),
      isEarly,
      isAgainstStrip: stripChances.size > 0,
      answered: answeredOf(entry.entryId),
      greenThen: days.find(({ day }) => day === entry.appliedOn)?.chance,
      sinceLast,
    }
  })
}

/** What a source did on a stand in a season, over all its treatments there. */
export interface SourceWorth {
  readonly standId: string
  readonly sourceId: SeasonEntry['sourceId']
  readonly appliedName: string
  readonly treatments: readonly TreatmentWorth[]
  readonly cost: number
  /** Days gained by those of which it can be told, and how many those are [d]. */
  readonly gained: FigureRange
  readonly told: number
  /** How likely a treatment answered, over those that were looked at [1]; undefined for none. */
  readonly answered: number | undefined
  readonly watched: number
  /** Money for a day gained, where it can be told of every treatment [money/d]. */
  readonly perGainedDay: number | undefined
}

/** Ranges of days added up [d]. */
export const addRanges = (ranges: readonly FigureRange[]): FigureRange =>
  ranges.reduce(
    (so, each) => ({
      low: so.low + each.low,
      usual: so.usual + each.usual,
      high: so.high + each.high,
    }),
    { low: 0, usual: 0, high: 0 },
  )

/** Sums what treatments gained by stand and by what was put out, the most gained first [d], [money]. */
export function worthBySource(all: readonly TreatmentWorth[]): SourceWorth[] {
  const key = ({ entry }: TreatmentWorth) => `${entry.standId} ${entry.appliedName}`
  return [...group(all, key).values()]
    .flatMap((treatments): SourceWorth[] => {
      const [first] = treatments
      if (!first) return []
      const { standId, sourceId, appliedName } = first.entry
      const told = treatments.filter(({ gained }) => gained !== undefined)
      const gained = addRanges(told.flatMap((each) => each.gained ?? []))
      const answers = treatments.flatMap(({ answered }) => answered ?? [])
      const cost = treatments.reduce((total, { entry }) => total + costOfEntry(entry), 0)
      const isWhole = told.length === treatments.length && gained.usual >= 1
      return [
        {
          standId,
          sourceId,
          appliedName,
          treatments,
          cost,
          gained,
          told: told.length,
          answered: mean(answers),
          watched: answers.length,
          perGainedDay: isWhole ? cost / gained.usual : undefined,
        },
      ]
    })
    .toSorted((a, b) => b.gained.usual - a.gained.usual)
}
