import { dayWords, daysBetween, type Day } from '../../base/calendar/index.ts'
import { amountWords, type UnitSystem } from '../../base/quantity/index.ts'
import type { Figure } from '../../base/reference/index.ts'
import { formatNumber } from '../../base/writing/index.ts'
import { limitStandings, standingWords, type LimitedWork } from '../../apply/limit/index.ts'
import { workWindows, type WeatherWork } from '../weather/index.ts'

/** When an entry is asked about before it is stored. */
const questionFigures = {
  timesOff: {
    value: 1.5,
    unit: '1',
    source: 'a tank mixed wrongly is off by less; more is mostly a slip of the pen',
    mark: 'J',
  },
  daysOff: {
    value: 21,
    unit: 'days',
    source: 'what is done three weeks off its day is mostly another job, or another month',
    mark: 'J',
  },
} as const satisfies Readonly<Record<string, Figure>>

/** What went out, or was to. */
interface Went {
  readonly name: string
  readonly productKg: number
  readonly waterL: number
}

/** An entry about to be stored, and what it is held against. */
export interface AskedEntry {
  readonly planned: Went & { readonly dueOn: Day }
  readonly done: Went & {
    readonly happenedOn: Day
    /** As it was measured on the spot, where anybody did. */
    readonly temperatureC?: number | undefined
    readonly windMPerS?: number | undefined
  }
  /** Entries of the stand that stand. */
  readonly others: readonly {
    readonly happenedOn: Day
    readonly appliedName: string
    readonly productKg: number
  }[]
  readonly lotUseBy?: Day | undefined
  /** The licence that what went out is put out under; undefined where anybody may. */
  readonly licence?: { readonly number: string; readonly until?: Day | undefined } | undefined
  /** What really went out, as far as its limits go; undefined where they are not known. */
  readonly work?: LimitedWork | undefined
  readonly weatherWork: WeatherWork
}

const times = (ratio: number): string =>
  ratio >= 1 ? `${formatNumber(ratio, 2)} times` : `1/${formatNumber(1 / ratio, 2)} of`

function amountQuestions({ planned, done }: AskedEntry, system: UnitSystem): string[] {
  const off = (
    [
      ['mass', planned.productKg, done.productKg, 'product'],
      ['volume', planned.waterL, done.waterL, 'water'],
    ] as const
  ).flatMap(([dimension, plan, really, what]) => {
    if (plan <= 0) return []
    const ratio = really / plan
    const most = questionFigures.timesOff.value
    if (ratio <= most && ratio >= 1 / most) return []
    const [said, meant] = [really, plan].map((each) => amountWords(dimension, each, system))
    return really === 0
      ? [`No ${what} went out, where ${meant} were planned?`]
      : [`${said} of ${what} are ${times(ratio)} the ${meant} planned. Is it the right unit?`]
  })
  return done.name === planned.name
    ? off
    : [`${done.name} went out, where ${planned.name} was planned?`, ...off]
}

function dayQuestions({ planned, done, others, lotUseBy }: AskedEntry, system: UnitSystem) {
  const { happenedOn } = done
  const daysOff = daysBetween(planned.dueOn, happenedOn)
  const same = others.filter((other) => other.happenedOn === happenedOn)
  return [
    ...(Math.abs(daysOff) > questionFigures.daysOff.value
      ? [
          `It was planned for ${dayWords(planned.dueOn)} and done on ${dayWords(happenedOn)}, ${Math.abs(daysOff)} days ${daysOff > 0 ? 'later' : 'before'}?`,
        ]
      : []),
    ...same.map(
      ({ appliedName, productKg }) =>
        `On ${dayWords(happenedOn)} there is an entry already: ${appliedName}, ${amountWords('mass', productKg, system)}. Was it done twice that day?`,
    ),
    ...(lotUseBy !== undefined && happenedOn > lotUseBy
      ? [`The lot was to be used by ${dayWords(lotUseBy)}.`]
      : []),
  ]
}

function licenceQuestions({ licence, done: { name, happenedOn } }: AskedEntry): string[] {
  if (!licence) return []
  if (licence.number === '')
    return [`${name} is for licensed applicators. Under which licence was it put out?`]
  const { until } = licence
  return until !== undefined && until < happenedOn
    ? [`Licence ${licence.number} ran out on ${dayWords(until)}. Was the work done under another?`]
    : []
}

function windowQuestions({ done, weatherWork }: AskedEntry): string[] {
  const { air, wind, label } = workWindows[weatherWork]
  const outside = (value: number | undefined, { low, high }: { low: number; high: number }) =>
    value !== undefined && (value < low || value > high)
  return [
    ...(outside(done.temperatureC, air) ? [`The air was outside the window of a ${label}.`] : []),
    ...(outside(done.windMPerS, wind) ? [`The wind was outside the window of a ${label}.`] : []),
  ]
}

/**
 * What ought to be asked about an entry before it is stored: slips of the pen, the wrong bag, a day that
 * cannot be. Whatever was really done is stored once somebody says so.
 * @returns questions as sentences; none where nothing is odd
 * @throws {CoreError} as the limits
 */
export function questionsOfEntry(entry: AskedEntry, system: UnitSystem): readonly string[] {
  const over = (entry.work ? limitStandings(entry.work) : [])
    .filter(({ kind }) => kind === 'over stop')
    .map((standing) => standingWords(standing, false).replace(/ (Lower|Use) [^.]*\.$/, ''))
  return [
    ...amountQuestions(entry, system),
    ...over,
    ...dayQuestions(entry, system),
    ...windowQuestions(entry),
    ...licenceQuestions(entry),
  ]
}
