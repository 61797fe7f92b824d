import { mount } from '@vue/test-utils'
import { usualLocale, writeAs, formatNumber } from '@spudder/core/base/writing'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { keptApart, type Chart, type Mark } from './chart.ts'
import { chartSvg } from './chart-file.ts'
import ChartFrame from './ChartFrame.vue'
import { drawChart } from './draw-chart.ts'
import { days, figures, groups } from './scales.ts'

afterEach(() => {
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
  writeAs(usualLocale)
})

const point = (x: number, y: number, doubt = 0.5) => ({
  x,
  y,
  low: y - doubt,
  high: y + doubt,
  words: `day ${x}: ${formatNumber(y)}`,
})
const chartOf = (marks: readonly Mark[], change: Partial<Chart> = {}): Chart => ({
  label: 'Colour by day',
  height: 140,
  margin: { top: 10, right: 20, bottom: 30, left: 40 },
  x: { scale: figures(0, 10), ticks: [0, 5, 10] },
  y: { scale: figures(0, 4), ticks: [0, 2, 4], hasGrid: true },
  marks,
  ...change,
})
/** A drawing 160 wide: 10 px a day, 25 px a unit. */
function draw(chart: Chart) {
  const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg')
  const readable = drawChart(svg, chart, 160)
  const all = (selector: string) => [...svg.querySelectorAll(selector)]
  const at = (selector: string, ...names: string[]) =>
    all(selector).map((each) => names.map((name) => Number(each.getAttribute(name))))
  return { svg, readable, all, at, text: svg.textContent ?? '' }
}

describe('the frame of a chart', () => {
  it('gives both axes their room inside the margins, with a grid where it is asked for', () => {
    const { all, at } = draw(chartOf([{ kind: 'points', points: [point(5, 2)], size: 4 }]))
    expect(all('.left text').map((each) => each.textContent)).toEqual(['0', '2', '4'])
    expect(all('.bottom text').map((each) => each.textContent)).toEqual(['0', '5', '10'])
    expect(at('.left line', 'x2').flat()).toEqual([100, 100, 100])
    expect(at('.bottom line', 'y2').flat()).toEqual([0, 0, 0])
    expect(at('.point circle', 'cx', 'cy')).toEqual([[50, 50]])
    expect(at('.doubt', 'x1', 'x2', 'y1', 'y2')).toEqual([[50, 50, 62.5, 37.5]])
  })

  it('writes days and groups as well as figures, and draws doubt along the axis', () => {
    const { all, at } = draw(
      chartOf(
        [
          {
            kind: 'points',
            size: 4,
            points: [{ ...point(2, 0, 1), y: 'sulfate', low: 1, high: 3, isDoubtAlong: true }],
          },
        ],
        { y: { scale: groups(['none', 'sulfate']), ticks: ['none', 'sulfate'] } },
      ),
    )
    expect(all('.left text').map((each) => each.textContent)).toEqual(['none', 'sulfate'])
    expect(at('.doubt', 'x1', 'x2', 'y1', 'y2')).toEqual([[10, 30, 25, 25]])
    const words = (date: Date) => date.toISOString().slice(5, 10)
    const season = chartOf([], { x: { scale: days('2026-05-01', '2026-05-11'), ticks: 2, words } })
    expect(draw(season).all('.bottom text').length).toBeGreaterThan(1)
    expect(draw(season).text).toMatch(/05-0\d/)
  })

  it('draws every kind of mark where it belongs', () => {
    const { all, at, text } = draw(
      chartOf([
        { kind: 'band', points: [{ x: 0, low: 1, high: 2 }, { x: 10, low: 2, high: 3 }], ink: 'line' }, // prettier-ignore
        {
          kind: 'line',
          points: [
            { x: 0, y: 0 },
            { x: 10, y: 4 },
          ],
          ink: 'ink',
        },
        { kind: 'stretch', x: [2, 4], ink: 'rust-wash', words: 'grew', wordsIn: 'rust' },
        { kind: 'stretch', y: [1, 2], ink: 'sunken' },
        { kind: 'rule', x: 5, ink: 'rust', words: 'treated' },
        { kind: 'rule', y: 3, ink: 'line' },
        {
          kind: 'letters',
          letters: [
            { x: 1, words: 'a' },
            { x: 1.2, words: 'b' },
          ],
        },
        { kind: 'end', words: '5 Nov' },
        {
          kind: 'brackets',
          title: 'by school',
          rows: [
            { name: 'X', from: 2, to: 6, isOpen: false, isStrong: true, words: 'X: 2 to 6' },
            { name: 'Y', from: 3, to: 6, isOpen: true, isStrong: false, words: 'Y: 3 and over' },
          ],
        },
      ]),
    )
    expect(all('.line')[0]?.getAttribute('d')).toBe('M0,100L100,0')
    expect(all('.band')[0]?.getAttribute('d')).toBe('M0,50L100,25L100,50L0,75Z')
    expect(at('.stretch', 'x', 'y', 'width', 'height')).toEqual([[20, 0, 20, 100], [0, 50, 100, 25]]) // prettier-ignore
    expect(at('.rule', 'x1', 'x2', 'y1', 'y2')).toEqual([
      [50, 50, 0, 100],
      [0, 100, 25, 25],
    ])
    expect(text).toMatch(/grew.*treated.*5 Nov.*by school/)
    const [closed, open] = all('path')
      .slice(-2)
      .map((each) => each.getAttribute('d'))
    expect(closed).toBe('M20,4H60M20,0v8M60,0v8')
    expect(open).toBe('M30,4H100M30,0v8')
  })

  it('keeps names at its end and letters under it apart, and leaves what has room', () => {
    expect(keptApart([10, 50, 12], 13)).toEqual([10, 50, 23])
    const { at } = draw(
      chartOf([
        {
          kind: 'names',
          names: [{ y: 3, words: 'one' }, { y: 3.1, words: 'other' }, { x: 2, y: 1, words: 'here' }],
        },
      ]), // prettier-ignore
    )
    const [one = [], other = [], here = []] = at('.name', 'x', 'y')
    expect(Math.abs((one[1] ?? 0) - (other[1] ?? 0))).toBeGreaterThanOrEqual(13)
    expect([one[0], other[0]]).toEqual([110, 110])
    expect(here).toEqual([25, 72])
  })

  it('is drawn anew in place of what was there', () => {
    const { svg } = draw(chartOf([{ kind: 'points', points: [point(1, 1)], size: 4 }]))
    drawChart(svg, chartOf([]), 300)
    expect(svg.querySelectorAll('circle')).toHaveLength(0)
    expect(svg.getAttribute('width')).toBe('300')
  })
})

describe('a chart on the screen', () => {
  const chart = chartOf([
    { kind: 'points', points: [point(8, 1), point(2, 3)], size: 4 },
    { kind: 'points', points: [{ ...point(5, 2), words: 'untreated' }], size: 4, shape: 'square' },
  ])
  const open = async () => {
    const frame = mount(ChartFrame, { props: { chart, name: 'Colour' } })
    await nextTick()
    return frame
  }

  it('is read by keys from left to right, to either end, and let go', async () => {
    const frame = await open()
    const plot = frame.find('[tabindex]')
    const read = async (key: string) => {
      await plot.trigger('keydown', { key })
      return frame.find('.read').text()
    }
    expect(await read('ArrowRight')).toBe('day 2: 3')
    expect(await read('ArrowRight')).toBe('untreated')
    expect(await read('End')).toBe('day 8: 1')
    expect(await read('ArrowRight')).toBe('day 8: 1')
    expect(await read('Home')).toBe('day 2: 3')
    expect(frame.find('.ring').attributes('style')).toContain('left: 188px')
    expect(await read('Escape')).toBe('')
    expect(frame.find('.ring').exists()).toBe(false)
  })

  it('without values cannot be stepped into', () => {
    const frame = mount(ChartFrame, { props: { chart: chartOf([]), name: 'Colour' } })
    expect(frame.find('[tabindex]').exists()).toBe(false)
    expect(frame.find('svg').attributes('aria-label')).toBe('Colour by day')
  })

  it('is handed out as a drawing that stands alone, in the colours of paper', async () => {
    const files: { name: string; blob: Blob }[] = []
    vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
      files.push({ name: '', blob: blob as Blob })
      return 'blob:x'
    })
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (
      this: HTMLAnchorElement,
    ) {
      const last = files.at(-1)
      if (last) last.name = this.download
    })
    await (await open()).find('button').trigger('click')
    const [file] = files
    expect(file?.name).toBe('colour.svg')
    const text = (await file?.blob.text()) ?? ''
    expect(text).toBe(chartSvg(chart, 800))
    expect(text).toMatch(/^<svg .*<title>Colour by day<\/title>/)
    expect(text).toMatch(/stroke="#[0-9a-f]{6}"/)
    expect(text).not.toContain('var(')
    const parsed = new DOMParser().parseFromString(text, 'image/svg+xml')
    expect(parsed.querySelector('parsererror')).toBeNull()
    expect(parsed.querySelectorAll('circle')).toHaveLength(2)
  })

  it('says so where the browser cannot make a picture of it', async () => {
    vi.stubGlobal('Image', class { decode = () => Promise.reject(new Error('no')) }) // prettier-ignore
    const frame = await open()
    await frame.findAll('button')[1]?.trigger('click')
    await vi.waitFor(() => expect(frame.find('[role=alert]').text()).toMatch(/drawing \(SVG\)/))
  })
})
