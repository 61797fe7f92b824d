import { mount, type DOMWrapper } from '@vue/test-utils'
import type { OutlookDayDto, WorkOutlookDto } from '@spudder/contract/weather'
import { addDays } from '@spudder/core/base/calendar'
import { weatherWorks } from '@spudder/core/days/weather'
import { beforeEach, describe, expect, it, vi, afterEach } from 'vitest'
import { timeScale } from '../ribbon/time-axis.ts'
import { hourSpans, hourWords, outlookWords } from './outlook-words.ts'
import WeatherStrip from './WeatherStrip.vue'

const today = '2026-06-30'
beforeEach(() => vi.useFakeTimers({ now: new Date(`${today}T10:00:00Z`), toFake: ['Date'] }))
afterEach(() => vi.useRealTimers())

const outlookDay = (
  days: number,
  leaf: Partial<WorkOutlookDto> = {},
  basis: OutlookDayDto['basis'] = 'forecast',
): OutlookDayDto => ({
  day: addDays(today, days),
  basis,
  meanC: 15,
  works: weatherWorks.map((work) => ({
    work,
    chance: 1,
    washOff: 0,
    fromHour: 6,
    fitHours: [6, 7],
    against: [],
    ...(work === 'leaf' ? leaf : {}),
  })),
})
const weatherDay = (days: number) => ({ day: addDays(today, days), minC: 9, maxC: 21, rainMm: 3, windMPerS: 3, isForecast: days > 0 }) // prettier-ignore

/** How thick a drawn line is nearest to a place along it [px]. */
function thickness(path: DOMWrapper<Element>) {
  const points = [
    ...(path.attributes('d') ?? '').matchAll(/(-?[\d.]+),(-?[\d.]+)(?=[CLZ]|$)/g),
  ].map(([, x, y]) => ({ x: Number(x), y: Number(y) }))
  return (at: number): number => {
    const nearest = Math.min(...points.map(({ x }) => Math.abs(x - at)))
    const ys = points.filter(({ x }) => Math.abs(x - at) === nearest).map(({ y }) => y)
    return Number((Math.max(...ys) - Math.min(...ys)).toFixed(3))
  }
}

describe('the weather strip', () => {
  const strip = (outlook: readonly OutlookDayDto[]) =>
    mount(WeatherStrip, {
      props: {
        days: outlook.map((_, index) => weatherDay(index)),
        outlook,
        scale: timeScale({ from: today, to: addDays(today, 10) }, 800),
        today,
        system: 'metric',
      },
    })

  it('draws the hours that are fit where they lie in the day, and says the days in words', () => {
    const wet = { fitHours: [], chance: 0.1, fromHour: null, against: ['rain'] }
    const drawn = strip([outlookDay(0), outlookDay(1, wet)])
    expect(drawn.find('svg').attributes('aria-label')).toBe('Weather; fit for a leaf spray: 30 Jun')
    // A day is 80 px wide: two hours from six on lie between 20 and 27 px of the first.
    const [leaf, drench] = drawn.findAll('path.forecast').map((each) => thickness(each))
    expect([5, 22, 26, 30, 100, 103].map((x) => leaf?.(x))).toEqual([1, 7.2, 7.2, 1, 1, 1])
    expect([5, 22, 102, 106].map((x) => drench?.(x))).toEqual([1, 7.2, 7.2, 7.2])
    expect(
      drawn.findAll('title').some((each) => each.text().includes('leaf spray: no, rain')),
    ).toBe(true)
  })

  it('draws a day that nobody foretells as tall as such days are often fit', () => {
    const drawn = strip([outlookDay(3, { chance: 0.5 }, 'usual')])
    const [leaf, drench] = drawn.findAll('path.usual').map((each) => thickness(each))
    // Half of the days: half of the way from a thin line to a thick one.
    expect([leaf?.(280), drench?.(280)]).toEqual([4.1, 7.2])
    expect(drawn.find('svg').attributes('aria-label')).toMatch(/in sight|3 Jul/)
  })
})

describe('words of an outlook', () => {
  it('join hours to spans', () => {
    expect(hourSpans([6, 7, 9])).toEqual([[6, 8], [9, 10]]) // prettier-ignore
    expect(hourWords([6, 7, 8, 17])).toBe('6-9, 17-18 h')
    expect(hourSpans([])).toEqual([])
  })

  it('say hours with their chance, why not, or how often', () => {
    expect(outlookWords(outlookDay(1, { chance: 0.74 }), 'leaf')).toBe('leaf spray: 6-8 h (74 %)')
    expect(outlookWords(outlookDay(1), 'drench')).toBe('drench: 6-8 h')
    const windy = { fitHours: [], against: ['wind 7 m/s drifts', '8 °C, too cold'] }
    expect(outlookWords(outlookDay(1, windy), 'leaf')).toBe(
      'leaf spray: no, wind 7 m/s drifts, 8 °C, too cold',
    )
    expect(outlookWords(outlookDay(40, { chance: 0.3 }, 'usual'), 'leaf')).toBe(
      'leaf spray: such days are fit 30 % of the time',
    )
  })
})
