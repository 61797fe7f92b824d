import { describe, expect, it } from 'vitest'
import {
  daysFrom,
  judgeHours,
  outlookByHours,
  unknownOutlook,
  usualOutlooks,
  waitsOf,
  weatherWords,
  type DayOfHours,
  type WorkOutlook,
} from './index.ts'

const flat = (value: number) => Array.from({ length: 24 }, () => value)
const fair: DayOfHours = {
  day: '2026-05-10',
  isForecast: false,
  temperatureC: flat(16),
  rainMm: flat(0),
  rainChance: flat(0),
  windMPerS: flat(3),
  humidityPercent: flat(70),
  soilC: flat(15),
  temperatureDoubtK: 0,
  windDoubtMPerS: 0,
}
const rainAt = (from: number, millimetres = 1): Partial<DayOfHours> => ({
  rainMm: flat(0).map((_, hour) => (hour >= from ? millimetres : 0)),
  rainChance: flat(0).map((_, hour) => Number(hour >= from)),
})
const at = (
  change: Partial<DayOfHours>,
  hour: number,
  work: 'leaf' | 'drench' | 'granules' = 'leaf',
) => {
  const judged = judgeHours([{ ...fair, ...change }], work, 'metric')[hour]
  return { fit: judged?.fit, chance: judged?.chance, words: judged?.against.map(judged.words) }
}

describe('judgeHours', () => {
  it('lets a calm dry mild hour of the working day through', () => {
    expect(at({}, 9)).toEqual({ fit: true, chance: 1, words: [] })
    expect(at({}, 3)).toEqual({ fit: false, chance: 0, words: ['outside working hours'] })
  })

  it.each([
    [{ temperatureC: flat(8) }, 9, '8 °C, too cold'],
    [{ temperatureC: flat(31) }, 9, '31 °C, too hot'],
    [{ temperatureC: flat(26) }, 13, '26 °C under a high sun, too hot'],
    [{ windMPerS: flat(6) }, 9, 'wind 6 m/s drifts'],
    [{ windMPerS: flat(0.4) }, 9, 'dead-still air: fine drops hang and drift'],
    [{ humidityPercent: flat(98) }, 9, 'leaves wet with dew'],
    [rainAt(13), 9, 'rain within 4 h washes it off'],
    [rainAt(9), 9, 'rain'],
  ])('says what stands against a leaf spray in %j', (change, hour, words) => {
    expect(at(change, hour)).toEqual({ fit: false, chance: 0, words: [words] })
  })

  it('lets 26 °C pass early and late, and a shower after the drying time', () => {
    expect(at({ temperatureC: flat(26) }, 18).fit).toBe(true)
    expect(at(rainAt(17), 10).fit).toBe(true)
    expect(at(rainAt(17), 11).fit).toBe(false)
  })

  it('waits two hours for the leaf to dry', () => {
    const wet = { rainMm: flat(0), rainChance: flat(0).map((_, hour) => Number(hour === 8)) }
    expect(at(wet, 10).words).toEqual(['leaves wet with rain'])
    expect(at(wet, 11).fit).toBe(true)
  })

  it('wants warm soil for sulfur and no storm after a drench, which a spray does not mind', () => {
    expect(at({ soilC: flat(11) }, 9, 'granules').words).toEqual(['soil 11 °C, too cold'])
    expect(at({ soilC: flat(11) }, 9, 'drench').fit).toBe(true)
    expect(at(rainAt(10, 3), 9, 'drench').words).toEqual(['a storm of 33 mm to come'])
    expect(at(rainAt(10, 0.5), 9, 'drench').fit).toBe(true)
  })

  it('turns the doubt of a forecast into a chance', () => {
    const doubt = { temperatureC: flat(10), temperatureDoubtK: 2, isForecast: true }
    expect(at(doubt, 9).chance).toBeCloseTo(0.5, 6)
    expect(at({ windMPerS: flat(4.5), windDoubtMPerS: 0.5 }, 9).chance).toBeCloseTo(0.5, 6)
    // Hours 9 to 15 touch two spells: (1 − 0.2) × (1 − 0.2).
    expect(at({ rainChance: flat(0.2) }, 9).chance).toBeCloseTo(0.64, 6)
  })
})

describe('outlookByHours', () => {
  const outlook = (change: Partial<DayOfHours>) =>
    outlookByHours([{ ...fair, ...change }], 'leaf', 'us').get(fair.day)

  it('finds the best stretch of a day and the hours that are fit', () => {
    const mornings = { windMPerS: flat(8).map((wind, hour) => (hour < 9 ? 2 : wind)) }
    expect(outlook(mornings)).toMatchObject({
      chance: 1,
      fromHour: 6,
      fitHours: [6, 7, 8],
      against: [],
    })
  })

  it('has the commonest reasons, in the units of the place, where no hour is fit', () => {
    const told = outlook({ windMPerS: flat(8), temperatureC: flat(5) })
    expect(told).toMatchObject({ chance: 0, fromHour: undefined, fitHours: [] })
    expect(told?.against).toEqual(['41 °F, too cold', 'wind 18 mph drifts'])
  })

  it('leaves a share of what the forecast may miss', () => {
    const wet = { ...fair, rainChance: flat(0.2) }
    const days = outlookByHours([wet, { ...wet, day: '2026-05-11' }], 'leaf', 'us')
    expect(days.get(wet.day)?.washOff).toBeCloseTo(0.15 * (1 - 0.64), 6)
  })
})

describe('usualOutlooks', () => {
  it('is the share of such days in past years, around the turn of a year too', () => {
    const of = (chance: number): WorkOutlook => ({
      chance,
      washOff: 0,
      fromHour: undefined,
      fitHours: chance > 0 ? [9] : [],
      against: [],
    })
    const past = new Map([
      ...daysFrom('2024-12-20', '2025-01-10').map((day) => [day, of(1)] as const),
      ...daysFrom('2025-12-20', '2026-01-10').map((day) => [day, of(0)] as const),
    ])
    const usual = usualOutlooks(past)
    expect(usual('2027-01-01')?.chance).toBeCloseTo(0.5, 12)
    expect(usual('2027-01-01')?.washOff).toBeCloseTo(0.15 * 0.5, 12)
    // Of a summer nobody knows anything: such a day is preferred to no other.
    expect(usual('2027-07-01')).toBeUndefined()
    expect(unknownOutlook).toMatchObject({ chance: 0.5, fitHours: [], against: [] })
  })
})

it('waitsOf counts the days until the next fit one', () => {
  expect(waitsOf([0, 0, 1, 1])[0]).toBeCloseTo(2, 12)
  expect(waitsOf([0, 0, 1, 1])[1]).toBeCloseTo(1, 12)
  // Every day as likely as the other: 1 / 0.5 days.
  expect(waitsOf([0.5, 0.5, 0.5])[0]).toBeCloseTo(2, 12)
})

it('weatherWords turns degrees as thermometers do', () => {
  const frost = { minC: 0, maxC: 100, rainMm: 0, windMPerS: 3 }
  expect(weatherWords(frost, 'us')).toMatchObject({ coolest: '32 °F', warmest: '212 °F' })
})
