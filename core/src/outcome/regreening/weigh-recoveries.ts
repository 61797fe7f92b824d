import { daysBetween, type Day } from '../../base/calendar/index.ts'
import { sameLookDays, spotDoubt, tails } from './data/chances.ts'
import { strayPerDay } from './data/recovery.ts'
import type { DrawnRecovery } from './draw-recoveries.ts'
import type { Greenness, SeenGreenness } from '../../seen/colour/index.ts'
import { gainAt } from './recovery.ts'

export interface Watched {
  readonly appliedOn: Day
  readonly before: Greenness
  /** Colour of the treated part, in any order. */
  readonly seen: readonly SeenGreenness[]
  /** Colour of an untreated strip beside it, in any order. */
  readonly untreated?: readonly SeenGreenness[] | undefined
}

/** What one look says of the gain by the treatment. */
export interface SeenGain {
  readonly days: number
  readonly gain: number
  /** One deviation of it. */
  readonly doubt: number
  /** Whether an untreated strip was looked at too, so that weather is not counted. */
  readonly isAgainstStrip: boolean
}

/**
 * The look nearest to another, where it is near enough to count as one with it.
 * @param away days between a look and that other
 */
export const nearestLook = <Look>(
  looks: readonly Look[],
  away: (look: Look) => number,
): Look | undefined =>
  looks.filter((each) => away(each) <= sameLookDays.value).toSorted((a, b) => away(a) - away(b))[0]

/** Gains seen since the treatment, in the order of days; against the strip wherever it was looked at. */
export function gainsSeen({
  appliedOn,
  before,
  seen,
  untreated = [],
}: Watched): readonly SeenGain[] {
  return seen
    .filter(({ day }) => day > appliedOn)
    .toSorted((a, b) => a.day.localeCompare(b.day))
    .map((look) => {
      const days = daysBetween(appliedOn, look.day)
      const away = ({ day }: SeenGreenness) => Math.abs(daysBetween(day, look.day))
      const since = untreated.filter(({ day }) => day > appliedOn)
      const strip = nearestLook(since, away)
      return strip
        ? {
            days,
            gain: look.greenness - strip.greenness,
            doubt: Math.hypot(look.doubt, strip.doubt),
            isAgainstStrip: true,
          }
        : {
            days,
            gain: look.greenness - before.greenness,
            doubt: look.doubt,
            isAgainstStrip: false,
          }
    })
}

/**
 * How gains stray together: what the first colour was mistaken by and what weather does stays in
 * every later look; against a strip only the spot does.
 */
function strayOf(gains: readonly SeenGain[], before: Greenness): number[][] {
  return gains.map((a, row) =>
    gains.map((b, column) => {
      const own = row === column ? a.doubt ** 2 : 0
      if (a.isAgainstStrip !== b.isAgainstStrip) return own
      if (a.isAgainstStrip) return own + spotDoubt.value ** 2
      return own + before.doubt ** 2 + strayPerDay.value ** 2 * Math.min(a.days, b.days)
    }),
  )
}

/**
 * The lower triangle whose square a covariance is (Cholesky). Written out: the estate is loaded with
 * it, and a library of matrices weighs more than all of the rest.
 */
function rootOf(covariance: readonly (readonly number[])[]): number[][] {
  const root: number[][] = []
  covariance.forEach((values, row) => {
    const own: number[] = []
    for (let column = 0; column <= row; column++) {
      const other = column === row ? own : (root[column] ?? [])
      let left = values[column] ?? 0
      for (let k = 0; k < column; k++) left -= (own[k] ?? 0) * (other[k] ?? 0)
      own.push(column === row ? Math.sqrt(Math.max(left, 1e-12)) : left / (other[column] ?? 1))
    }
    root.push(own)
  })
  return root
}

/**
 * Misfits of recoveries to gains that stray together: the square of what is off, once each look is freed
 * of those before it. A place that learns weighs millions of looks, so nothing is made anew in it.
 */
function misfitsOf(
  recoveries: readonly DrawnRecovery[],
  gains: readonly SeenGain[],
  before: Greenness,
): Float64Array {
  const count = gains.length
  const root = Float64Array.from(
    rootOf(strayOf(gains, before)).flatMap((row) => [...row, ...Array(count - row.length).fill(0)]),
  )
  const freed = new Float64Array(count)
  return Float64Array.from(recoveries, (recovery) => {
    let sum = 0
    for (let row = 0; row < count; row++) {
      const look = gains[row]
      let left = look ? look.gain - gainAt(look.days, recovery) : 0
      for (let k = 0; k < row; k++) left -= (root[row * count + k] ?? 0) * (freed[k] ?? 0)
      const own = left / (root[row * count + row] ?? 1)
      freed[row] = own
      sum += own * own
    }
    return sum
  })
}

/**
 * Weights of drawn recoveries by what was seen, summing to one.
 */
export function weighRecoveries(
  recoveries: readonly DrawnRecovery[],
  gains: readonly SeenGain[],
  before: Greenness,
): Float64Array {
  const weights = new Float64Array(recoveries.length).fill(1 / recoveries.length)
  if (gains.length === 0) return weights
  const misfits = misfitsOf(recoveries, gains, before)
  const least = misfits.reduce((least, each) => Math.min(least, each), Infinity)
  let total = 0
  misfits.forEach((misfit, index) => {
    // Student's tails rather than a bell's.
    const freedom = tails.value + gains.length
    const likelihood = (1 + (misfit - least) / freedom) ** (-freedom / 2)
    weights[index] = likelihood
    total += likelihood
  })
  return weights.map((each) => each / total)
}
