import { nothingKnown } from '../known/known.ts'
import { mount } from '@vue/test-utils'
import type { JobDto } from '@spudder/contract/job'
import { addDays } from '@spudder/core/base/calendar'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { ribbonModel, type RibbonSource } from './ribbon-model.ts'
import RibbonBand from './RibbonBand.vue'
import SpanChoice from './SpanChoice.vue'
import { timeScale } from './time-axis.ts'
import { windowOf } from './time-spans.ts'
import TimeAxis from './TimeAxis.vue'
import { useTimeWindow } from './use-time-window.ts'

const today = '2026-06-30'
const scale = timeScale(windowOf('year', today), 750)
const job = (id: string, kind: JobDto['kind'], dueOn: string, title: string) =>
  ({ id, kind, status: 'planned', dueOn, title, route: 'leaf', sourceId: 'fe-dtpa' }) as JobDto
const source: RibbonSource = {
  stand: { id: 'green', context: 'turf' },
  readings: [
    { kind: 'turfColour', value: 7, method: 'eye', takenOn: addDays(today, -90) },
    { kind: 'pH', value: 7.8, method: 'meter', takenOn: addDays(today, -40) },
    { kind: 'turfColour', value: 4, method: 'eye', takenOn: addDays(today, -3) },
  ],
  events: [],
  entries: [],
  jobs: [
    job('a', 'apply', addDays(today, -2), 'Fe-DTPA'),
    job('b', 'look', addDays(today, 9), 'Look for the first change'),
  ],
}
const band = (isLarge: boolean, from = source) =>
  mount(RibbonBand, {
    props: {
      model: ribbonModel(from, nothingKnown, today, addDays(today, 75)),
      scale,
      today,
      bandHeight: 40,
      label: 'Bowling green',
      isLarge,
    },
  })

describe('a ribbon', () => {
  it('says in words what it shows', () => {
    const svg = band(true).find('svg')
    expect(svg.attributes('role')).toBe('img')
    expect(svg.attributes('aria-label')).toMatch(/^Bowling green: yellow, colour 4 of 9 on 27 Jun/)
  })

  it('marks what was tested and what is to be done, with the day', () => {
    const titles = band(true)
      .findAll('title')
      .map((title) => title.text())
    expect(titles[0]).toMatch(/^21 May.*, tested: pH 7.8$/)
    expect(titles.slice(1)).toEqual([
      expect.stringMatching(/^28 Jun.*: Fe-DTPA$/),
      expect.stringMatching(/^9 Jul.*: Look for the first change$/),
    ])
  })

  it('lets a job whose day is past wait on the today line', () => {
    const [line] = band(false).findAll('.job line')
    const todayLine = band(false).find('line.today')
    expect(line?.attributes('x1')).toBe(todayLine.attributes('x1'))
  })

  it('writes the words of a job only on the large ribbon, where there is room', () => {
    const wordsOn = (mounted: ReturnType<typeof band>) =>
      mounted.findAll('.job text').map((text) => text.text())
    expect(wordsOn(band(false))).toEqual([])
    expect(wordsOn(band(true))).toEqual(['Look for the first change'])
    const alone = { ...source, jobs: source.jobs.slice(0, 1) }
    expect(wordsOn(band(true, alone))).toEqual(['Fe-DTPA'])
  })

  it('is hatched from end to end, without failing, where nobody ever looked', () => {
    const empty = band(true, { ...source, readings: [], jobs: [] })
    expect(empty.find('svg').attributes('aria-label')).toBe('Bowling green: not looked at yet')
    expect(empty.findAll('linearGradient')).toHaveLength(0)
  })
})

describe('the axis', () => {
  it('names today and the months around it, never two words on one spot', () => {
    const axis = mount(TimeAxis, { props: { scale, today } })
    const words = axis.findAll('text').map((text) => text.text())
    expect(words).toContain('today')
    expect(words).toContain('Jan 2026'.slice(4))
    const places = axis
      .findAll('g')
      .map((group) => Number(/translate\(([-\d.]+)/.exec(group.attributes('transform') ?? '')?.[1]))
      .toSorted((a, b) => a - b)
    const gaps = places.slice(1).map((x, index) => x - (places[index] ?? 0))
    expect(Math.min(...gaps)).toBeGreaterThan(30)
  })
})

describe('the stretch of time on view', () => {
  beforeEach(() => setActivePinia(createPinia()))

  it('is chosen by name and moved, no further ahead than half a year', async () => {
    const time = useTimeWindow()
    const choice = mount(SpanChoice)
    const before = time.window
    await choice.find('[aria-label=Earlier]').trigger('click')
    expect(time.window.from < before.from).toBe(true)
    await choice.findAll('.ant-segmented-item').find((each) => each.text() === 'month')?.find('input').setValue(true) // prettier-ignore
    expect(time.days).toBe(38)
    expect(choice.find('.ant-segmented-item-selected').text()).toBe('month')
    time.shift(10_000)
    expect(time.window.to <= addDays(time.today, 14 + 180)).toBe(true)
  })
})
