import type { DayOfHoursDto, WeatherQuestion } from '@spudder/contract/weather'
import { utcDay } from 'd3-time'
import { bellDrawFor, drawFor } from '../seeded/index.ts'
import { climateNormals } from './climates.ts'
import { dayOf, textOf, trueDay, type TrueDay } from './true-day.ts'

type Place = Pick<WeatherQuestion, 'climate' | 'latitude' | 'placeId'>

const hours = Array.from({ length: 24 }, (_, hour) => hour)
/** Rain comes in spells of a quarter of a day. */
const spellH = 6
const spells = 24 / spellH
const coldestHour = 5
const warmestHour = 15

const tenth = (value: number): number => Math.round(value * 10) / 10
const hundredth = (value: number): number => Math.round(value * 100) / 100

/** Air at an hour: from the coldest up to the warmest along half a cosine, then down to the next cold. */
function airAt(hour: number, days: { before: TrueDay; on: TrueDay; after: TrueDay }): number {
  const { before, on, after } = days
  const way = (from: number, to: number, share: number) =>
    from + ((to - from) * (1 - Math.cos(Math.PI * share))) / 2
  const down = 24 - warmestHour + coldestHour
  if (hour < coldestHour) return way(before.maxC, on.minC, (hour + 24 - warmestHour) / down)
  if (hour <= warmestHour) {
    return way(on.minC, on.maxC, (hour - coldestHour) / (warmestHour - coldestHour))
  }
  return way(on.maxC, after.minC, (hour - warmestHour) / down)
}

/** Saturation vapour pressure over water [hPa]; Magnus form of Alduchov and Eskridge (1996). */
const saturationHPa = (celsius: number) =>
  6.1094 * Math.exp((17.625 * celsius) / (celsius + 243.04))

/** Share of the day's rain that falls in each spell; some spells of a rainy day are dry. */
function shareOfSpells({ placeId }: Place, { day, rains }: TrueDay): number[] {
  if (!rains) return Array.from({ length: spells }, () => 0)
  const draws = Array.from({ length: spells }, (_, spell) =>
    drawFor(`${placeId}:spell:${day}:${spell}`),
  )
  const wet = draws.map((draw) => (draw > 0.52 || draw === Math.max(...draws) ? draw : 0))
  const sum = wet.reduce((total, each) => total + each, 0)
  return wet.map((each) => each / sum)
}

/** Wind is calm early and late and freshest in the afternoon. */
const windOfHour = (hour: number) => 0.9 + 0.45 * Math.max(0, Math.sin(((hour - 8) / 12) * Math.PI))

type DayAt = (date: Date) => TrueDay

/** Days of a place, each drawn once: an hour asks for a week of them. */
function daysOf(place: Place): DayAt {
  const known = new Map<number, TrueDay>()
  return (date) => {
    const drawn = known.get(date.getTime()) ?? trueDay(place, date)
    known.set(date.getTime(), drawn)
    return drawn
  }
}

/** The weather that really comes, hour by hour. */
function trueHours(place: Place, dayAt: DayAt, date: Date): DayOfHoursDto {
  const at = (offset: number) => dayAt(utcDay.offset(date, offset))
  const days = { before: at(-1), on: at(0), after: at(1) }
  const { on } = days
  const shares = shareOfSpells(place, on)
  const temperatureC = hours.map((hour) => airAt(hour, days))
  // The air holds the water of the coldest hour; rain brings more.
  const dew = Math.min(...temperatureC) - (on.rains ? 0.2 : 1.2)
  const { dayNightC } = climateNormals[place.climate]
  // Ground at a hand's depth: the mean of the last days, and a tenth of the day's swing, hours late.
  const soilBase = [0, -1, -2, -3, -4].reduce((sum, offset) => {
    const day = offset === 0 ? on : offset === -1 ? days.before : at(offset)
    return sum + (day.minC + day.maxC) / 10
  }, 0)
  return {
    day: on.day,
    isForecast: false,
    temperatureC: temperatureC.map(tenth),
    rainMm: hours.map((hour) =>
      hundredth(((shares[Math.floor(hour / spellH)] ?? 0) * on.rainMm) / spellH),
    ),
    rainChance: hours.map((hour) => Number((shares[Math.floor(hour / spellH)] ?? 0) > 0)),
    windMPerS: hours.map((hour) => tenth(on.windMPerS * windOfHour(hour))),
    humidityPercent: temperatureC.map((air) =>
      Math.round(Math.min(100, (100 * saturationHPa(dew)) / saturationHPa(air))),
    ),
    soilC: hours.map((hour) =>
      tenth(soilBase + 1.5 + 0.1 * dayNightC * Math.sin(((hour - 12) / 12) * Math.PI)),
    ),
    temperatureDoubtK: 0,
    windDoubtMPerS: 0,
  }
}

const knowsFor = 7

/** How much is known of a day so many days ahead, of rain: from nearly all to nothing [1]. */
const knowledge = (ahead: number) => Math.exp(-ahead / knowsFor)

/**
 * What is said today of a day to come: wrong by more the further it is, and honest about it. Rain is
 * signalled spell by spell: with some luck it is the truth that is signalled, else any such spell of
 * the climate; the chance said is how often it then rains.
 */
function foretoldHours(
  { today, ...place }: WeatherQuestion,
  truth: DayOfHoursDto,
  date: Date,
): DayOfHoursDto {
  const ahead = utcDay.count(dayOf(today), date)
  const off = (what: string) => bellDrawFor(`${place.placeId}:${today}:${what}:${truth.day}`)
  const temperatureDoubtK = tenth(0.4 + 0.4 * ahead)
  const windDoubtMPerS = tenth(0.2 + 0.16 * ahead)
  const shift = temperatureDoubtK * off('warmth')
  const gust = windDoubtMPerS * off('wind')
  const known = knowledge(ahead)
  const { wetSpellShare: usual, rainMm } = climateNormals[place.climate]
  const told = Array.from({ length: spells }, (_, spell) => {
    const name = `${place.placeId}:${today}:${truth.day}:${spell}`
    const isKnown = drawFor(`${name}:known`) < known
    const isWet = (truth.rainChance[spell * spellH] ?? 0) > 0
    const signal = isKnown ? isWet : drawFor(`${name}:guess`) < usual
    const amount = isWet ? (truth.rainMm[spell * spellH] ?? 0) : (rainMm * 0.45) / spellH
    return {
      chance: Number(signal) * known + (1 - known) * usual,
      mm: signal ? amount * Math.exp(0.06 * ahead * off(`amount${spell}`)) : 0,
    }
  })
  const ofSpell = <Value>(hour: number, of: (spell: { chance: number; mm: number }) => Value) => {
    const spell = told[Math.floor(hour / spellH)]
    return spell && of(spell)
  }
  return {
    ...truth,
    isForecast: true,
    temperatureC: truth.temperatureC.map((value) => tenth(value + shift)),
    soilC: truth.soilC.map((value) => tenth(value + shift * 0.4)),
    windMPerS: truth.windMPerS.map((value) => tenth(Math.max(0.2, value + gust))),
    rainChance: hours.map((hour) => hundredth(ofSpell(hour, ({ chance }) => chance) ?? 0)),
    rainMm: hours.map((hour) => hundredth(ofSpell(hour, ({ mm }) => mm) ?? 0)),
    temperatureDoubtK,
    windDoubtMPerS,
  }
}

/** Days of a question, in order. */
export function hoursOf(question: WeatherQuestion): DayOfHoursDto[] {
  const end = utcDay.offset(dayOf(question.to), 1)
  const dayAt = daysOf(question)
  return utcDay.range(dayOf(question.from), end).map((date) => {
    const truth = trueHours(question, dayAt, date)
    return textOf(date) > question.today ? foretoldHours(question, truth, date) : truth
  })
}
