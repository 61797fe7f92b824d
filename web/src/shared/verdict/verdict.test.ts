import { mount } from '@vue/test-utils'
import { diagnose, type DiagnosisInput } from '@spudder/core/diagnosis'
import { describe, expect, it } from 'vitest'
import OpenQuestions from './OpenQuestions.vue'
import VerdictBars from './VerdictBars.vue'

const input: DiagnosisInput = {
  context: 'turf',
  plantId: 'creeping-bentgrass',
  lookedOn: '2026-06-15',
  findings: { tier: 'youngest-only', pattern: 'fine-green-veins', severity: '3' },
  pHHistory: {
    readings: [{ kind: 'pH', value: 7.8, method: 'meter', takenOn: '2026-06-01' }],
    corrections: [],
  },
  events: ['limed'],
}
const verdict = diagnose(input)
const hungry = diagnose({
  ...input,
  findings: { tier: 'oldest-spreading-up', pattern: 'even-pale', growth: 'slow', feed: 'none' },
  events: [],
})

describe('the bars of a verdict', () => {
  it('rank the causes with their chances, as wide as they are likely', () => {
    const bars = mount(VerdictBars, { props: { verdict, shown: 4 } })
    const rows = bars.findAll('.causes > li')
    expect(rows).toHaveLength(4)
    expect(rows[0]?.find('.name').text()).toBe(verdict.ranked[0]?.cause.name)
    const widths = rows.map((row) =>
      Number.parseFloat(
        /width: ([\d.]+)%/.exec(row.find('i').attributes('style') ?? '')?.[1] ?? '',
      ),
    )
    expect(widths).toEqual(widths.toSorted((a, b) => b - a))
    expect(widths[0]).toBeCloseTo((verdict.ranked[0]?.probability ?? 0) * 100, 6)
  })

  it('open to reasons for and against, named and weighed in words', () => {
    const bars = mount(VerdictBars, { props: { verdict, isOpen: true } })
    const first = bars.find('.causes > li')
    expect(first.find('details').attributes('open')).toBeDefined()
    expect(first.text()).toContain('Leaves affected: the youngest leaves only.')
    expect(first.text()).toContain('Story: limed.')
    expect(first.text()).toMatch(/Strongly\.|Clearly\./)
    const magnesium = bars
      .props('verdict')
      .ranked.findIndex(({ cause }) => cause.id === 'magnesium-short')
    expect(magnesium).toBeGreaterThan(3)
  })

  it('show the less likely causes when asked', async () => {
    const bars = mount(VerdictBars, { props: { verdict, shown: 3 } })
    await bars.find('button.more').trigger('click')
    expect(bars.findAll('.causes > li')).toHaveLength(verdict.ranked.length)
    expect(bars.find('button.more').exists()).toBe(false)
    expect(bars.text()).toContain('against')
  })

  it('say where it is not iron, unless that is told above them already', () => {
    const warning = 'Not iron: do not buy iron for this.'
    const first = (isLeadTold: boolean) =>
      mount(VerdictBars, { props: { verdict: hungry, isLeadTold } })
        .find('.causes > li')
        .text()
    expect(first(false)).toContain(warning)
    expect(first(true)).not.toContain(warning)
  })
})

describe('the open questions', () => {
  it('name what would tell the causes apart, the most telling first', () => {
    const open = mount(OpenQuestions, { props: { verdict } })
    const asked = open.findAll('li span').map((each) => each.text())
    expect(asked.length).toBeGreaterThan(0)
    expect(asked[0]).toBe(verdict.missing[0]?.label)
  })

  it('are silent when nothing is left to ask', () => {
    const settled = { ...verdict, missing: [] }
    expect(mount(OpenQuestions, { props: { verdict: settled } }).text()).toBe('')
  })
})
