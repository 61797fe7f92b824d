import { requireInRange } from '../../base/error/index.ts'
import type { Response } from '../../material/source/index.ts'
import { paleness } from '../../seen/colour/index.ts'
import { asGoodAs, drawnIntervals, longestInterval } from './data/intervals.ts'
import { drawRecoveries, type DrawnRecovery } from './draw-recoveries.ts'
import { fadesWithin, gainAt } from './recovery.ts'

export interface IntervalAsked {
  /** How leaves are expected to answer: as published, or as the place taught. */
  readonly response: Response
  /** Greenness without treatment [1]. */
  readonly untreated: number
  /** Product and the way out of one treatment [money]. */
  readonly cost: number
  /** What a day of a wholly pale stand costs [money/d]. */
  readonly paleLossPerDay: number
}

/** How often to treat so that it costs least, pale days counted; the label may allow it less often. */
export interface BestInterval {
  readonly days: number
  /** Treatments and pale leaves together [money/d]. */
  readonly perDay: number
  /** Intervals that cost hardly more [d]. */
  readonly nearly: { readonly low: number; readonly high: number }
  /** What leaving it untreated costs [money/d]. */
  readonly untreatedPerDay: number
}

/** Every so manieth of the draws, so that each fate keeps its share. */
function spreadDraws(response: Response, untreated: number): readonly DrawnRecovery[] {
  const all = drawRecoveries(response, untreated)
  const step = Math.max(1, Math.floor(all.length / drawnIntervals.value))
  return all.filter((_, index) => index % step === 0)
}

/** Gain by draw and day since a treatment, none of them worked out twice. */
function gainsByDay(draws: readonly DrawnRecovery[], days: number): readonly Float64Array[] {
  return draws.map((draw) => Float64Array.from({ length: days }, (_, day) => gainAt(day, draw)))
}

/** Another draw of the same list for what is left of the treatment before; a fixed walk through all of them. */
const pairedWith = (index: number, count: number): number => (index * 37 + 11) % count

/** Mean paleness of the days of one cycle of so many days, what is left of the treatment before counted. */
function palenessOver(gains: readonly Float64Array[], untreated: number, days: number): number {
  let sum = 0
  gains.forEach((own, index) => {
    const before = gains[pairedWith(index, gains.length)] ?? own
    for (let day = 0; day < days; day += 1)
      sum += paleness(untreated + Math.max(own[day] ?? 0, before[day + days] ?? 0))
  })
  return sum / gains.length / days
}

/** Days from the least to the most, each about a twentieth longer: nearer to each other they cost the same. */
function intervalsUpTo(least: number, most: number): number[] {
  const days: number[] = []
  for (let at = least; at <= most; at += Math.max(1, Math.round(at / 20))) days.push(at)
  return days
}

/**
 * The interval at which treatments and pale leaves together cost least, over recoveries drawn from what is
 * expected. Between two treatments what is left of the former counts.
 * @returns [d], [money/d]
 * @throws {CoreError} out-of-range for costs below nothing
 * @source renewal reward: cost of a cycle over its length (Ross, Introduction to Probability Models, M)
 */
export function bestInterval(asked: IntervalAsked): BestInterval {
  const { response, untreated, cost, paleLossPerDay } = asked
  // Before it is due in full nobody can say that it is needed again.
  const leastDays = response.full.high
  requireInRange('cost', cost, { min: 0, max: 1e9, unit: 'money' })
  requireInRange('paleLossPerDay', paleLossPerDay, { min: 0, max: 1e9, unit: 'money/d' })
  const most = Math.min(longestInterval.value, Math.max(leastDays + 1, 2 * fadesWithin(response)))
  const gains = gainsByDay(spreadDraws(response, untreated), 2 * most)
  const rows = intervalsUpTo(leastDays, most).map((days) => ({
    days,
    perDay: cost / days + paleLossPerDay * palenessOver(gains, untreated, days),
  }))
  const best = rows.reduce((least, row) => (row.perDay < least.perDay ? row : least))
  const near = rows.filter(({ perDay }) => perDay <= best.perDay * asGoodAs.value)
  const days = near.map((row) => row.days)
  return {
    ...best,
    nearly: { low: Math.min(...days), high: Math.max(...days) },
    untreatedPerDay: paleLossPerDay * paleness(untreated),
  }
}
