import type { Figure, Sourced } from '../../../base/reference/index.ts'

/** Kinds of work that weather has a say in. */
export const weatherWorks = ['leaf', 'drench', 'granules', 'dose', 'look'] as const
export type WeatherWork = (typeof weatherWorks)[number]

export interface Bounds extends Sourced {
  readonly low: number
  readonly high: number
  readonly unit: string
}

const practice = (what: string) => ({ source: `common practice: ${what}`, mark: 'C' }) as const
const judged = (what: string) => ({ source: what, mark: 'J' }) as const
const hoursDry = (value: number, why: string): Figure => ({ value, unit: 'h', ...judged(why) })
const free = { low: Number.NEGATIVE_INFINITY, high: Number.POSITIVE_INFINITY }

/** What a kind of work wants of the hours in which it is done and of those after. */
export interface WorkWindow {
  readonly label: string
  readonly daylight: Bounds
  readonly air: Bounds
  /** Air from late morning to late afternoon, where the sun stands high. */
  readonly airAtNoon: Bounds
  readonly wind: Bounds
  readonly soil: Bounds
  /** Above it leaves are wet with dew. */
  readonly humidity: Bounds
  /** Hours before and after in which no rain may fall; the range of practice, and what we take. */
  readonly dryBeforeH: Figure
  readonly dryAfter: Bounds & { readonly usual: number }
  /** Rain in the twelve hours after that washes it through the ground [mm]. */
  readonly storm: Bounds
}

const anyAir: Bounds = { ...free, unit: '°C', ...judged('no bound') }
const anyWind: Bounds = { ...free, unit: 'm/s', ...judged('no bound') }
const anyHumidity: Bounds = { ...free, unit: '%', ...judged('no bound') }
const noStorm: Bounds = { low: 0, high: 15, unit: 'mm', ...judged('a storm: more than soaks in') }
const anyRain: Bounds = { ...free, unit: 'mm', ...judged('no bound') }
const needsNoDryness = { ...free, low: 0, usual: 0, unit: 'h', ...judged('rain does no harm') }
const daylight: Bounds = { low: 6, high: 20, unit: 'h', ...judged('hours at which crews work') }
const thawed: Bounds = { low: 2, high: 60, unit: '°C', ...judged('ground that is not frozen') }
const ofGround = {
  daylight,
  airAtNoon: anyAir,
  wind: anyWind,
  humidity: anyHumidity,
  dryBeforeH: hoursDry(0, 'wet ground does no harm'),
  dryAfter: needsNoDryness,
}

/** High sun, from and to [h]. */
export const noon = { from: 11, to: 16, ...judged('hours of high sun') } as const

export const workWindows: Readonly<Record<WeatherWork, WorkWindow>> = {
  leaf: {
    label: 'leaf spray',
    daylight,
    air: { low: 10, high: 29, unit: '°C', ...practice('leaf sprays of iron at 10-29 °C') },
    airAtNoon: {
      low: 10,
      high: 24,
      unit: '°C',
      ...judged('late or early in warmth; in cool weather noon will do'),
    },
    wind: { low: 1, high: 4.5, unit: 'm/s', ...practice('wind 1-4.5 m/s and not inverted') },
    soil: { ...free, unit: '°C', ...judged('no bound') },
    humidity: { low: 0, high: 95, unit: '%', ...judged('dew sits on leaves above it') },
    dryBeforeH: hoursDry(2, 'leaves dry off in about two hours'),
    dryAfter: {
      low: 4,
      usual: 6,
      high: 24,
      unit: 'h',
      ...practice('no rain or irrigation for 4-24 h'),
    },
    storm: anyRain,
  },
  drench: {
    label: 'drench',
    ...ofGround,
    air: { low: 2, high: 35, unit: '°C', ...judged('neither frost nor great heat') },
    soil: thawed,
    storm: noStorm,
  },
  granules: {
    label: 'sulfur and granules',
    ...ofGround,
    air: { low: 2, high: 29, unit: '°C', ...practice('cool air; sulfur not onto hot turf') },
    soil: { low: 13, high: 60, unit: '°C', ...practice('soil over 13-15 °C for sulfur') },
    storm: noStorm,
  },
  dose: {
    label: 'dose to a solution',
    ...ofGround,
    air: anyAir,
    soil: { ...free, unit: '°C', ...judged('no bound') },
    storm: anyRain,
  },
  look: {
    label: 'look',
    ...ofGround,
    daylight: { low: 9, high: 16, unit: 'h', ...judged('even light for judging colour') },
    air: anyAir,
    soil: { ...free, unit: '°C', ...judged('no bound') },
    storm: anyRain,
  },
}

/** What is taken of a day of which nobody knows the weather: no such day is preferred to another. */
export const evenChance = {
  value: 0.5,
  unit: '',
  ...judged('fit as likely as not, where no weather is known'),
} as const

/** Share of showers that a forecast of the same day misses. */
export const surpriseShare = {
  value: 0.15,
  unit: '',
  ...judged('same-day forecasts miss about one shower in seven'),
} as const
