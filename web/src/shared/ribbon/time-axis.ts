import { dayToDate, type Day } from '@spudder/core/base/calendar'
import { scaleUtc, type ScaleTime } from 'd3-scale'
import type { TimeWindow } from './time-spans.ts'

/** Days from left to right of a drawing. */
export type TimeScale = ScaleTime<number, number>

export function timeScale(window: TimeWindow, width: number): TimeScale {
  return scaleUtc([dayToDate(window.from), dayToDate(window.to)], [0, Math.max(1, width)])
}

/** Where a day stands on a scale. */
export const xOf = (scale: TimeScale, day: Day): number => scale(dayToDate(day))
