import { group } from 'd3-array'
import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import type { FigureRange } from '../../base/reference/index.ts'
import type { Response } from '../../material/source/index.ts'
import type { Eye } from '../../seen/eye/index.ts'
import { restOf } from '../../stand/plant/index.ts'
import { seenOnStand, seenTreatments } from '../learnt/index.ts'
import { lessonsOf } from '../regreening/index.ts'
import { untreatedOn, type UntreatedOn } from '../untreated/index.ts'
import { countGreen, knownDays, type KnownDay } from './green-days.ts'
import {
  asDoses,
  costOfEntry,
  type SeasonCase,
  type SeasonEntry,
  type SeasonRecord,
} from './season-record.ts'
import { addRanges, worthBySource, worthOfTreatments, type SourceWorth } from './treatment-worth.ts' // prettier-ignore

/** What a season, or a stand in it, cost; in the money of the place. */
export interface Spent {
  readonly products: number
  /** Of them, what is counted at usual prices, since the shelf has none; and in how many entries. */
  readonly atUsualPrice: number
  readonly unpriced: number
  /** Ways out to put something out, at what one costs; one that served several stands is shared by them. */
  readonly trips: number
  /** Material and fees of checks, as is usual. */
  readonly checks: number
  readonly total: number
}

/** Money for each day; least where most days were green. */
export interface PerDay {
  readonly low: number
  readonly usual: number
  /** Undefined where not one day surely was. */
  readonly high: number | undefined
}

export interface StandReview {
  readonly standId: string
  readonly name: string
  readonly paleLossPerDay: number
  readonly spent: Spent
  /** Days that were green, of those of which it can be said [d]. */
  readonly green: FigureRange
  readonly known: number
  /** Money spent for each green day; undefined where none was, or nothing was spent. */
  readonly perGreenDay: PerDay | undefined
  /** Days gained by what was put out [d]. */
  readonly gained: FigureRange
  /** The first day, from the first look on, on which it more likely was pale than not. */
  readonly paleFrom: Day | undefined
  /** Days that more likely were pale before the first treatment [d]. */
  readonly paleBefore: number
  /** Of the days for which its treatments act, those of which nobody can say anything [1]. */
  readonly unseen: number
  readonly treatments: number
}

export interface SeasonReview {
  readonly from: Day
  readonly to: Day
  /** What a way out costs [money]. */
  readonly tripCost: number
  readonly stands: readonly StandReview[]
  /** Of the stands on which something was spent. */
  readonly total: Pick<StandReview, 'spent' | 'green' | 'known' | 'perGreenDay' | 'gained'>
  readonly sources: readonly SourceWorth[]
  readonly cases: readonly SeasonCase[]
}

/** How the leaves of a stand are expected to answer a kind of treatment. */
export interface ExpectedAnswer extends Pick<SeasonEntry, 'standId' | 'route' | 'sourceId'> {
  readonly response: Response
}

export interface SeasonAsked {
  readonly record: SeasonRecord
  /** By which ratings are put right; none: they are taken as they were said. */
  readonly eyes: readonly Eye[]
  /** How leaves are expected to answer what was put out in the season, as the place knows or as published. */
  readonly expected: readonly ExpectedAnswer[]
  /** Of the place [°], south negative; without it no plant is taken to rest. */
  readonly latitude: number | undefined
  /** Whether leaves are expected to go on by themselves as the place taught; else to stay as they are. */
  readonly learns: boolean
  /** What a way out costs [money]. */
  readonly tripCost: number
  readonly from: Day
  /** The last day that counts: that of the season, or today. */
  readonly to: Day
}

function spentOn(
  entries: readonly SeasonEntry[],
  cases: readonly SeasonCase[],
  tripShare: (day: Day) => number,
): Spent {
  const sum = (all: readonly SeasonEntry[]) =>
    all.reduce((total, entry) => total + costOfEntry(entry), 0)
  const unpriced = entries.filter(({ cost }) => cost === undefined)
  const products = sum(entries)
  const days = [...new Set(entries.map(({ appliedOn }) => appliedOn))]
  const trips = days.reduce((total, day) => total + tripShare(day), 0)
  const checks = cases.flatMap((each) => each.checks).reduce((total, { money }) => total + money, 0)
  return {
    products,
    atUsualPrice: sum(unpriced),
    unpriced: unpriced.length,
    trips,
    checks,
    total: products + trips + checks,
  }
}

function perDay(total: number, { low, usual, high }: FigureRange): PerDay | undefined {
  if (total <= 0 || usual < 1) return undefined
  return { low: total / high, usual: total / usual, high: low === 0 ? undefined : total / low }
}

const isPale = ({ chance }: KnownDay): boolean => chance < 0.5

/** Days before the first treatment that more likely were pale; of a stand without one, all of them. */
const paleDays = (days: readonly KnownDay[], first: Day | undefined): readonly KnownDay[] =>
  days.filter((each) => isPale(each) && (first === undefined || each.day < first))

type ResponseOf = (entry: Omit<ExpectedAnswer, 'response'>) => Response

/** Finds what is expected of a treatment; that it is missing is a fault of whoever asks. */
function expecting(expected: readonly ExpectedAnswer[]): ResponseOf {
  const key = ({ standId, route, sourceId }: Omit<ExpectedAnswer, 'response'>) =>
    `${standId} ${route} ${sourceId}`
  const byKey = new Map(expected.map((each) => [key(each), each.response]))
  return (entry) => {
    const response = byKey.get(key(entry))
    if (!response)
      throw new CoreError('group-unknown', { parameter: 'expected', received: key(entry) })
    return response
  }
}

/** How likely each treatment of the season that was looked at answered [1], by its entry. */
function answersOf(
  { record, eyes }: SeasonAsked,
  entries: readonly SeasonEntry[],
  responseOf: ResponseOf,
): ReadonlyMap<string, number> {
  const byId = new Map(entries.map((entry) => [entry.entryId, entry]))
  return new Map(
    seenTreatments(record, eyes).flatMap(({ entryId, ...watched }) => {
      const entry = byId.get(entryId)
      const told = entry && lessonsOf(responseOf(entry), watched)
      return told ? [[entryId, told.answered] as const] : []
    }),
  )
}

/** Shares a way out among the stands that it served. */
function tripShares(entries: readonly SeasonEntry[], tripCost: number): (day: Day) => number {
  const standsOn = group(entries, ({ appliedOn }) => appliedOn)
  return (day) => {
    const stands = new Set(standsOn.get(day)?.map(({ standId }) => standId))
    return stands.size === 0 ? 0 : tripCost / stands.size
  }
}

const addSpent = (all: readonly Spent[]): Spent => {
  const sum = (of: (spent: Spent) => number) => all.reduce((total, each) => total + of(each), 0)
  return {
    products: sum(({ products }) => products),
    atUsualPrice: sum(({ atUsualPrice }) => atUsualPrice),
    unpriced: sum(({ unpriced }) => unpriced),
    trips: sum(({ trips }) => trips),
    checks: sum(({ checks }) => checks),
    total: sum(({ total }) => total),
  }
}

interface Shared {
  readonly asked: SeasonAsked
  readonly entries: readonly SeasonEntry[]
  readonly responseOf: ResponseOf
  readonly answered: ReadonlyMap<string, number>
  readonly tripShare: (day: Day) => number
  readonly untreated: UntreatedOn | undefined
}

/** One stand: what was spent and seen, and what each treatment gained. */
function reviewStand(
  { id, name, plantId, paleLossPerDay }: SeasonRecord['stands'][number],
  { asked, entries, responseOf, answered, tripShare, untreated }: Shared,
) {
  const { record, eyes, from, to, latitude } = asked
  // In its rest a plant gives up its green by itself: no day of it is green or pale.
  const rests = restOf(plantId, latitude)
  const own = entries.filter(({ standId }) => standId === id)
  // What was looked at and tested for a case that was open before is of the season before.
  const cases = record.cases.filter(({ standId, openedOn }) => standId === id && openedOn >= from)
  const colours = record.colours.filter(({ standId }) => standId === id)
  const seen = seenOnStand(colours, eyes)
  const days = knownDays(seen.own, from, to).filter(({ day }) => !rests(day))
  // Steps of an acid plan move the soil; what the leaf gains by them comes in its own time.
  const greening = asDoses(own.filter(({ caseId }) => caseId !== null))
  const worths = worthOfTreatments(greening, seen, {
    responseOf,
    answeredOf: (entryId) => answered.get(entryId),
    to,
    isResting: rests,
    untreatedOn: untreated && ((day) => untreated(id, day).mean),
  })
  const spent = spentOn(own, cases, tripShare)
  const green = countGreen(days)
  const first = worths[0]?.entry.appliedOn
  const firstLook = seen.own.find(({ day }) => day >= from)?.day
  const span = worths.reduce(
    (sum, { entry, until }) => sum + dayCount(entry.appliedOn, until, rests),
    0,
  )
  const known = worths.reduce((sum, each) => sum + each.known, 0)
  const review: StandReview = {
    standId: id,
    name,
    paleLossPerDay,
    spent,
    green,
    known: days.length,
    perGreenDay: perDay(spent.total, green),
    gained: addRanges(worths.flatMap(({ gained }) => gained ?? [])),
    paleFrom: days.find((each) => isPale(each) && each.day >= (firstLook ?? from))?.day,
    paleBefore: paleDays(days, first).length,
    unseen: span === 0 ? 0 : 1 - known / span,
    treatments: worths.length,
  }
  return { review, worths }
}

const dayCount = (from: Day, until: Day, rests: (day: Day) => boolean): number =>
  Array.from({ length: Math.max(0, daysBetween(from, until) + 1) }, (_, at) =>
    addDays(from, at),
  ).filter((day) => !rests(day)).length

/**
 * Reviews a season of a place: what was spent for each green day, and what each source gained where. Stands on
 * which nothing was put out, looked at or found are not in it.
 * @returns the dearest stand first; days [d], chances [1], money of the place
 * @throws {CoreError} group-unknown for a treatment of a stand that is not there, or of which nothing is expected
 */
export function reviewSeason(asked: SeasonAsked): SeasonReview {
  const { record, from, to, tripCost } = asked
  const entries = record.entries.filter(({ appliedOn }) => appliedOn >= from && appliedOn <= to)
  const responseOf = expecting(asked.expected)
  const shared: Shared = {
    asked,
    entries,
    responseOf,
    answered: answersOf(asked, entries, responseOf),
    tripShare: tripShares(entries, tripCost),
    untreated: asked.learns ? untreatedOn(record, { ...asked, on: to }) : undefined,
  }
  const all = record.stands.map((stand) => reviewStand(stand, shared))
  const inUse = new Set([...entries, ...record.cases].map(({ standId }) => standId))
  const stands = all
    .map(({ review }) => review)
    .filter(({ standId, known }) => known > 0 || inUse.has(standId))
    .toSorted((a, b) => b.spent.total - a.spent.total || a.name.localeCompare(b.name))
  const spent = addSpent(stands.map((each) => each.spent))
  // Where nothing was spent, days that were green by themselves would make the others look cheap.
  const paidFor = stands.filter((each) => each.spent.total > 0)
  const green = addRanges(paidFor.map((each) => each.green))
  return {
    from,
    to,
    tripCost,
    stands,
    total: {
      spent,
      green,
      known: paidFor.reduce((sum, { known }) => sum + known, 0),
      perGreenDay: perDay(spent.total, green),
      gained: addRanges(stands.map(({ gained }) => gained)),
    },
    sources: worthBySource(all.flatMap(({ worths }) => worths)),
    cases: record.cases,
  }
}
