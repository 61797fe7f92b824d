import type { OutlookDayDto } from '@spudder/contract/weather'
import type { WeatherWork } from '@spudder/core/days/weather'
import { area, curveMonotoneX } from 'd3-shape'
import { rowMiddle } from './strip-rows.ts'

/** A day to come, where it begins on the drawing [px]. */
export interface ComingDay {
  readonly day: OutlookDayDto
  readonly x: number
}

/** A stretch of the line of a kind of work: foretold hour by hour, or as such days usually are. */
export interface WorkLine {
  readonly key: string
  readonly kind: OutlookDayDto['basis']
  readonly path: string
}

interface Point {
  readonly x: number
  /** How fit it is: none 0, all of it 1. */
  readonly fit: number
}

/** Half of a line where work can be done, and where it cannot [px]. */
const swollen = 3.6
const thin = 0.5
/** Days narrower than this are not told by their hours [px]. */
const toldByHours = 34
/** Hours that fill a working day [h]. */
const workingDay = 12
/** A line swells within the first minutes of an hour [share of an hour]. */
const edge = 0.04

function pointsOf({ day, x }: ComingDay, work: WeatherWork, dayWidth: number): readonly Point[] {
  const outlook = day.works.find((each) => each.work === work)
  if (!outlook || day.basis === 'unknown') return []
  const middle = x + dayWidth / 2
  if (day.basis === 'usual') return [{ x: middle, fit: outlook.chance }]
  if (dayWidth < toldByHours) {
    return [{ x: middle, fit: Math.min(1, outlook.fitHours.length / workingDay) }]
  }
  return Array.from({ length: 24 }, (_, hour) => hour).flatMap((hour) => {
    const fit = outlook.fitHours.includes(hour) ? 1 : 0
    return [hour + edge, hour + 1 - edge].map((at) => ({ x: x + (at / 24) * dayWidth, fit }))
  })
}

/** Days that follow each other on the same basis. */
function stretches(days: readonly ComingDay[]): readonly (readonly ComingDay[])[] {
  const all: ComingDay[][] = []
  for (const each of days) {
    const last = all.at(-1)
    if (last?.[0]?.day.basis === each.day.basis) last.push(each)
    else all.push([each])
  }
  return all
}

/** The line of a kind of work through the days to come: thick where it can be done. */
export function workLines(
  days: readonly ComingDay[],
  work: WeatherWork,
  { row, dayWidth }: { readonly row: number; readonly dayWidth: number },
): readonly WorkLine[] {
  const middle = rowMiddle(row)
  const half = ({ fit }: Point) => thin + fit * (swollen - thin)
  const draw = area<Point>()
    .x(({ x }) => x)
    .y0((point) => middle - half(point))
    .y1((point) => middle + half(point))
    .curve(curveMonotoneX)
  return stretches(days).map((stretch, index) => {
    const points = stretch.flatMap((each) => pointsOf(each, work, dayWidth))
    const kind = stretch[0]?.day.basis ?? 'forecast'
    return { key: `${work}${index}`, kind, path: draw(points) ?? '' }
  })
}
