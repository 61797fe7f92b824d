import type { Figure } from '../../base/reference/index.ts'

/** A fill that was ticked off. */
export interface FillDone {
  readonly number: number
  readonly at: Date
}

/** How a job comes on, fill by fill. */
export interface FillPace {
  /** The fill under way, or the next one; undefined once all are out. */
  readonly next: number | undefined
  readonly done: number
  /** What a fill takes [min]: the middle of those so far; undefined before two moments are known. */
  readonly eachMin: number | undefined
  /** When all are out, at that pace. */
  readonly endsAt: Date | undefined
}

/** What the pace of fills is reckoned with. */
const paceFigures = {
  /** Two ticks closer than that were made at one go. */
  leastMin: { value: 0.5, unit: 'min', source: 'nobody fills and sprays a tank sooner', mark: 'J' },
} as const satisfies Readonly<Record<string, Figure>>

const minuteMs = 60_000

function middle(values: readonly number[]): number | undefined {
  const sorted = values.toSorted((one, other) => one - other)
  const [low, high] = [sorted[Math.ceil(sorted.length / 2) - 1], sorted[Math.floor(sorted.length / 2)]] // prettier-ignore
  return low === undefined || high === undefined ? undefined : (low + high) / 2
}

/**
 * How a job comes on by the moments at which its fills were ticked off: derived, the median of the times between
 * them, so that one break does not count.
 * @param count fills of the whole job [1]
 * @returns times in minutes [min], the end as a moment
 * @param begunAt when whoever does it said that they began; undefined where nobody said so
 */
export function fillPace(
  count: number,
  fills: readonly FillDone[],
  begunAt: Date | undefined,
): FillPace {
  const done = fills.filter(({ number }) => number >= 1 && number <= count)
  const next = Array.from({ length: count }, (_, index) => index + 1).find((number) =>
    done.every((each) => each.number !== number),
  )
  const moments = [...(begunAt ? [begunAt] : []), ...done.map(({ at }) => at)]
    .map((at) => at.getTime())
    .toSorted((one, other) => one - other)
  const times = moments.slice(1).map((at, index) => (at - (moments[index] ?? at)) / minuteMs)
  // Boxes that were ticked at one go say nothing of how long a fill takes.
  const eachMin = middle(times.filter((minutes) => minutes >= paceFigures.leastMin.value))
  const last = moments.at(-1)
  const endsAt =
    eachMin === undefined || last === undefined || next === undefined
      ? undefined
      : new Date(last + (count - done.length) * eachMin * minuteMs)
  return { next, done: done.length, eachMin, endsAt }
}
