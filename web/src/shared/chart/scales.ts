import { dayToDate, type Day } from '@spudder/core/base/calendar'
import { scaleLinear, scalePoint, scaleUtc } from 'd3-scale'

/** Figures along an axis; the frame gives it its room. */
export const figures = (from: number, to: number) =>
  scaleLinear<number, number>().domain([from, to])

/** Days along an axis. */
export const days = (from: Day, to: Day) => scaleUtc().domain([dayToDate(from), dayToDate(to)])

/** Names along an axis, the first at its beginning. */
export const groups = (names: readonly string[]) => scalePoint<string>().domain(names).padding(0.5)
