import { daysBetween } from '../../base/calendar/index.ts'
import { doubtGrowthPerDay } from './data/exposure.ts'
import { doubtOf, type Reading } from './reading.ts'

/** How far two readings of one kind stand apart, in spreads that grow with the days between them. */
export function spreadsApart(one: Reading, other: Reading): number {
  const days = Math.abs(daysBetween(one.takenOn, other.takenOn))
  const spread = Math.hypot(doubtOf(one), doubtOf(other)) * (1 + doubtGrowthPerDay.value * days)
  return Math.abs(one.value - other.value) / Math.max(spread, 1e-9)
}
