import { normalBelow } from '../../base/statistics/index.ts'
import type { UnitSystem } from '../../base/quantity/index.ts'
import { noon, workWindows, type Bounds, type WeatherWork } from './data/windows.ts'
import { runOfHours, type DayOfHours, type HourWeather } from './hours.ts'
import { hourWords } from './weather-words.ts'

/** One hour judged for a kind of work. */
export interface JudgedHour {
  readonly day: string
  readonly hour: number
  /** Whether the work can be done, by what is most likely. */
  readonly fit: boolean
  /** That it really can, with the doubt of what is foretold [1]. */
  readonly chance: number
  /** That it stays dry as long as it must [1]. */
  readonly dry: number
  readonly against: readonly Against[]
  /** The same in words of the place. */
  readonly words: (against: Against) => string
}

const within = ({ low, high }: Bounds, value: number) => value >= low && value <= high

/** Chance that a value known to a deviation lies within bounds [1]. */
function chanceWithin(bounds: Bounds, value: number, deviation: number): number {
  if (deviation <= 0) return within(bounds, value) ? 1 : 0
  const below = (bound: number) =>
    Number.isFinite(bound) ? normalBelow((bound - value) / deviation) : Number(bound > 0)
  return below(bounds.high) - below(bounds.low)
}

const spellH = 6
/** Chance that no rain falls: hours of one spell rain together, spells by themselves. */
function chanceDry(hours: readonly HourWeather[]): number {
  let dry = 1
  for (let start = 0; start < hours.length; start += spellH) {
    const spell = hours.slice(start, start + spellH)
    dry *= 1 - Math.max(0, ...spell.map(({ rainChance }) => rainChance))
  }
  return dry
}

const stormH = 12
const isNoon = (hour: number) => hour >= noon.from && hour < noon.to
/** From this chance on rain is expected [1]. */
const likely = 0.5

/** What can stand against an hour. */
export type Against =
  | 'cold'
  | 'hot'
  | 'wind'
  | 'still'
  | 'cold-soil'
  | 'dew'
  | 'wet'
  | 'rain'
  | 'rain-soon'
  | 'storm'
  | 'dark'

const stormRain = (run: readonly HourWeather[], index: number) =>
  run.slice(index, index + stormH).reduce((total, { rainMm }) => total + rainMm, 0)

/** Hours until rain is likely, of those in which it must stay dry; undefined where it stays dry. */
function rainIn(run: readonly HourWeather[], index: number, dryH: number): number | undefined {
  for (let ahead = 0; ahead <= dryH; ahead++) {
    if ((run[index + ahead]?.rainChance ?? 0) > likely) return ahead
  }
  return undefined
}

function againstAt(run: readonly HourWeather[], index: number, work: WeatherWork): Against[] {
  const window = workWindows[work]
  const at = run[index]
  if (!at) return []
  const found: Against[] = []
  const air = isNoon(at.hour) ? window.airAtNoon : window.air
  if (at.temperatureC < air.low) found.push('cold')
  if (at.temperatureC > air.high) found.push('hot')
  if (at.windMPerS > window.wind.high) found.push('wind')
  if (at.windMPerS < window.wind.low) found.push('still')
  if (at.soilC < window.soil.low) found.push('cold-soil')
  if (!within(window.humidity, at.humidityPercent)) found.push('dew')
  for (let back = 1; back <= window.dryBeforeH.value; back++) {
    if ((run[index - back]?.rainChance ?? 0) > likely) {
      found.push('wet')
      break
    }
  }
  const dryH = window.dryAfter.usual
  const rain = dryH > 0 ? rainIn(run, index, dryH) : undefined
  if (rain !== undefined) found.push(rain === 0 ? 'rain' : 'rain-soon')
  if (stormRain(run, index) > window.storm.high) found.push('storm')
  if (!within(window.daylight, at.hour)) found.push('dark')
  return found
}

/** What stands against an hour, as people of the place say it. */
function againstWords(
  against: Against,
  {
    run,
    index,
    work,
  }: { readonly run: readonly HourWeather[]; readonly index: number; readonly work: WeatherWork },
  system: UnitSystem,
): string {
  const at = run[index]
  if (!at) return ''
  const said = hourWords(at, system, stormRain(run, index))
  const sun = isNoon(at.hour) && at.temperatureC <= workWindows[work].air.high
  switch (against) {
    case 'cold':
      return `${said.air}, too cold`
    case 'hot':
      return sun ? `${said.air} under a high sun, too hot` : `${said.air}, too hot`
    case 'wind':
      return `wind ${said.wind} drifts`
    case 'still':
      return 'dead-still air: fine drops hang and drift'
    case 'cold-soil':
      return `soil ${said.soil}, too cold`
    case 'dew':
      return 'leaves wet with dew'
    case 'wet':
      return 'leaves wet with rain'
    case 'rain':
      return 'rain'
    case 'rain-soon':
      return `rain within ${rainIn(run, index, workWindows[work].dryAfter.usual)} h washes it off`
    case 'storm':
      return `a storm of ${said.rain} to come`
    case 'dark':
      return 'outside working hours'
  }
}

/**
 * Judges every hour of days that follow each other.
 * @param days the last of them is judged by the rain of its own hours alone
 * @returns one judgement an hour, in order
 * @source bounds carry their own; spells of rain of six hours are taken as one event [J]
 */
export function judgeHours(
  days: readonly DayOfHours[],
  work: WeatherWork,
  system: UnitSystem,
): readonly JudgedHour[] {
  const window = workWindows[work]
  const run = runOfHours(days)
  return run.map((at, index) => {
    const found = againstAt(run, index, work)
    const dryH = window.dryAfter.usual
    const dry = dryH > 0 ? chanceDry(run.slice(index, index + dryH + 1)) : 1
    const air = isNoon(at.hour) ? window.airAtNoon : window.air
    const isDay = within(window.daylight, at.hour)
    const isSound =
      within(window.humidity, at.humidityPercent) && within(window.soil, at.soilC) && isDay
    const chance = isSound
      ? chanceWithin(air, at.temperatureC, at.temperatureDoubtK) *
        chanceWithin(window.wind, at.windMPerS, at.windDoubtMPerS) *
        dry
      : 0
    return {
      day: at.day,
      hour: at.hour,
      fit: found.length === 0,
      chance,
      dry,
      against: found,
      words: (against) => againstWords(against, { run, index, work }, system),
    }
  })
}
