import { recordedAt } from '../../tests/recorded.ts'
import { choiceOf } from '../../tests/choices.ts'
import type { TrialDto } from '@spudder/contract/trial'
import { planTrial } from '@spudder/core/outcome/trial'
import { flushPromises, mount } from '@vue/test-utils'
import { defineComponent, h } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import TrialForm from './TrialForm.vue'
import TrialMap from './TrialMap.vue'
import TrialResult from './TrialResult.vue'
import TrialSite from './TrialSite.vue'
import TrialsPanel from './TrialsPanel.vue'
import { placePlots } from './site.ts'

const recorded = recordedAt('2026-06-01T08:00:00.000Z')
const design = {
  layout: 'blocks' as const,
  factors: [{ name: 'iron', levels: ['untreated', 'sulfate', 'EDDHA'] }],
  replicates: 4,
}
const plots = planTrial(design, 0.3)
const gains: Readonly<Record<string, number>> = { untreated: 0, sulfate: 0.4, EDDHA: 2.5 }
const rated = (ratedOn: string, gain = gains, from = plots) =>
  from.map(({ number, levels, block }) => ({
    id: `${ratedOn}:${number}`,
    plot: number,
    ratedOn,
    value: 4 + (gain[levels['iron'] ?? ''] ?? 0) + block * 0.3 + (number % 3) * 0.1,
    ...recorded,
  }))
const trial = (change: Partial<TrialDto> = {}): TrialDto => ({
  id: 'trial',
  standId: 'green',
  name: 'Which iron',
  design,
  seed: 0.3,
  plotLengthM: 2,
  plotWidthM: 1.5,
  scale: 'turfColour',
  startedOn: '2026-05-20',
  note: '',
  ratings: rated('2026-06-10'),
  ...recorded,
  ...change,
})
const open = (trials: readonly TrialDto[]) =>
  mountOnStand(TrialsPanel, {}, { '/trials/trial/ratings': trial(), '/trials': trials })

beforeEach(() => {
  vi.stubGlobal('Worker', undefined)
  localStorage.clear()
})
afterEach(() => vi.unstubAllGlobals())

describe('a trial that is planned', () => {
  const form = async () => {
    const mounted = await open([])
    const { panel } = mounted
    const field = (label: string) => {
      const id = panel.findAll('label').find((each) => each.text().startsWith(label))?.attributes('for') // prettier-ignore
      return panel.find(`[id="${id}"]`)
    }
    return { ...mounted, field, text: () => panel.text().replace(/\s+/g, ' ') }
  }

  it('of two sources that are asked about has both beside nothing, in plots enough to see one step', async () => {
    const asked = defineComponent(() => () => h(TrialForm, { ask: 'ferrous-sulfate', beside: 'fe-eddha' })) // prettier-ignore
    const { panel } = await mountOnStand(asked, {}, {})
    const values = panel.findAll('input').map((each) => each.element.value)
    expect(values.some((each) => /^untreated, .*sulfate.*, .*EDDHA/.test(each))).toBe(true)
    expect(values.some((each) => /sulfate.* or .*EDDHA.* against nothing/.test(each))).toBe(true)
    // Three treatments: the question takes at least as many of each as two would.
    const plotCount = panel.findAll('svg.map g').length
    expect(plotCount % 3).toBe(0)
    expect(plotCount).toBeGreaterThanOrEqual(12)
  })

  it('is drawn at random as it is typed, and drawn again on demand', async () => {
    const { panel } = await form()
    const names = () => panel.findAll('svg.map g').map((each) => each.attributes('aria-label'))
    const before = names()
    expect(before).toHaveLength(12)
    await panel.findAll('button').find((each) => each.text() === 'Draw again')?.trigger('click') // prettier-ignore
    expect(names()).not.toEqual(before)
    expect(names().toSorted()).not.toEqual([])
  })

  it('says how often the difference is seen, and how many plots that takes', async () => {
    const { panel, field, text } = await form()
    await field('Difference that would matter').setValue('1')
    await field('How much like plots differ').setValue('0.6')
    expect(text()).toMatch(/With 4 of each it is seen \d\d % of the times it is there/)
    const take = panel.findAll('button').find((each) => each.text().startsWith('Take '))
    await take?.trigger('click')
    expect(text()).toMatch(/With ([5-9]|1\d) of each it is seen 8\d %/)
    await field('Difference that would matter').setValue('0.02')
    expect(text()).toContain('Not even 40 of each would do')
  })

  it('of one plot each is warned about as a demonstration', async () => {
    const { field, text } = await form()
    await field('Plots of each').setValue('1')
    expect(text()).toContain('A demonstration, not a trial')
  })

  it('larger than the stand is told, and one that cannot be says what it wants', async () => {
    const { field, text } = await form()
    await field('Plot length').setValue('90')
    expect(text()).toContain('That is more than this stand has')
    await field('Its treatments').setValue('sulfate')
    expect(text()).toContain('Give two or more levels of iron, one of them untreated.')
  })

  it('is laid out in metres, whatever it was typed in', async () => {
    const { panel, sent } = await form()
    await panel.find('form').trigger('submit')
    await flushPromises()
    expect(sent).toMatchObject([
      {
        path: '/stands/green/trials',
        body: { plotLengthM: 6 * 0.3048, design: { layout: 'blocks', replicates: 4 }, scale: 'turfColour' }, // prettier-ignore
      },
    ])
  })
})

describe('plots rated on a walk', () => {
  it('come one after the other, by large buttons, with their treatment hidden', async () => {
    const { panel } = await open([trial({ ratings: [] })])
    const walk = panel.find('section.walk')
    expect(walk.find('.number').text()).toBe('1')
    expect(panel.find('svg.map').text()).not.toContain('EDDHA')
    await walk.find('input[value="6.5"]').setValue(true)
    expect(walk.find('.number').text()).toBe('2')
    expect(walk.text()).toContain('Save 1 rating')
    await walk.find('input[type="checkbox"]').setValue(false)
    expect(panel.find('svg.map').text()).toContain('EDDHA')
  })

  it('are stored in one go, each under an id of its own', async () => {
    const { panel, sent } = await open([trial({ ratings: [] })])
    for (let plot = 1; plot <= 2; plot++) await panel.find('.walk input[value="6"]').setValue(true)
    await panel.findAll('button').find((each) => each.text().startsWith('Save 2'))?.trigger('click') // prettier-ignore
    await flushPromises()
    const [walk] = sent as { path: string; body: { ratings: { id: string; plot: number }[] } }[]
    expect(walk?.path).toBe('/trials/trial/ratings')
    expect(walk?.body.ratings.map(({ plot }) => plot)).toEqual([1, 2])
    expect(new Set(walk?.body.ratings.map(({ id }) => id)).size).toBe(2)
  })

  it('stay where the walk was left, over a reload', async () => {
    const first = await open([trial({ ratings: [] })])
    await first.panel.find('.walk input[type=radio]').setValue(true)
    await flushPromises()
    const again = await open([trial({ ratings: [] })])
    expect(again.panel.find('section.walk').text()).toContain('Save 1 rating')
  })

  it('typed beyond the scale are told by plot, and nothing is sent', async () => {
    const { panel, sent } = await open([trial({ ratings: [], scale: 'ndvi' })])
    await panel.find('section.walk input[inputmode="decimal"]').setValue('7')
    await panel.findAll('button').find((each) => each.text().startsWith('Save 1'))?.trigger('click') // prettier-ignore
    expect(panel.find('.walk .warn').text()).toContain('Plot 1: give reflectance index')
    expect(sent).toEqual([])
  })

  it('may be picked on the map', async () => {
    const { panel } = await open([trial()])
    const seventh = panel.findAll('svg.map g').find((each) => each.attributes('aria-label')?.startsWith('Plot 7,')) // prettier-ignore
    await seventh?.trigger('click')
    expect(panel.find('.walk .number').text()).toBe('7')
  })
})

describe('plots on the ground', () => {
  const square = [[0, 0], [20, 0], [20, 20], [0, 20]] as const // prettier-ignore

  it('lie in its middle, in their true size, and fit where they do', () => {
    const { placed, fits } = placePlots(plots, { length: 2, width: 1.5 }, square)
    expect(fits).toBe(true)
    // Three plots of 1.5 m across, four rows of 2 m: the first begins at (20 − 4.5)/2 and (20 − 8)/2.
    expect(placed[0]).toEqual({ number: 1, west: 7.75, south: 6 })
  })

  it('that stick out are told, on slanting ground too', () => {
    expect(placePlots(plots, { length: 9, width: 1 }, square).fits).toBe(false)
    const triangle = [[0, 0], [20, 0], [0, 20]] as const // prettier-ignore
    expect(placePlots(plots, { length: 4, width: 4 }, triangle).fits).toBe(false)
    const site = mount(TrialSite, {
      props: { plots, size: { length: 4, width: 4 }, ground: triangle },
    })
    expect(site.text()).toContain('too narrow for it')
    expect(site.findAll('rect')).toHaveLength(12)
  })
})

describe('what the ratings say', () => {
  const result = (change: Partial<TrialDto>) =>
    mount(TrialResult, { props: { trial: trial(change), plots } })

  it('stands in plain words, with means, letters and the table behind them', () => {
    const shown = result({})
    expect(shown.find('.words').text()).toMatch(/^iron: a real difference \(EDDHA .* untreated/)
    expect(shown.find('figure svg').attributes('aria-label')).toMatch(
      /^EDDHA [\d.]+ a, sulfate [\d.]+ b/,
    )
    const rows = shown.findAll('tbody tr').map((row) => row.find('th').text())
    expect(rows).toEqual(['block', 'iron', 'residual'])
    const [, alone, among] =
      /apart from ([\d.]+) on .* from ([\d.]+) on among all/.exec(
        shown.find('.differences').text().replace(/\s+/g, ' '),
      ) ?? []
    expect(Number(alone)).toBeLessThan(Number(among))
    expect(shown.find('svg[aria-label^="Greenness by day of"]').exists()).toBe(false)
  })

  it('may be of the season, with dates as what splits the plots', async () => {
    const shown = result({ ratings: [...rated('2026-06-10', {}), ...rated('2026-06-24')] })
    await choiceOf(shown, /rated on/i).choose('season')
    expect(shown.text()).toContain('iron × date')
    expect(shown.find('svg[aria-label^="Greenness by day of"]').findAll('circle')).toHaveLength(6)
    expect(shown.text()).toContain('Dates near each other are alike')
  })

  it('waits for ratings, and counts those that are missing', () => {
    expect(result({ ratings: [] }).text()).toContain('Nothing is rated yet')
    const some = result({ ratings: rated('2026-06-10').slice(3) })
    expect(some.text()).toContain('3 of 12 plots are not rated')
  })
})

describe('the map of a trial', () => {
  it('has the near row below, as one stands before it', () => {
    const map = mount(TrialMap, {
      props: { plots, factors: design.factors, size: { length: 1, width: 1 } },
    })
    const heightOf = (number: number) => {
      const group = map.findAll('g').find((each) => each.attributes('aria-label')?.startsWith(`Plot ${number},`)) // prettier-ignore
      return Number(group?.find('rect').attributes('y'))
    }
    expect(heightOf(1)).toBeGreaterThan(heightOf(12))
  })
})
