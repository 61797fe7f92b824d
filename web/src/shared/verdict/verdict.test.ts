import { foldsOf, isUnfolded, unfold } from '../../tests/folds.ts'
import { mount } from '@vue/test-utils'
import { diagnose, nextChecks, type DiagnosisInput } from '@spudder/core/verdict/diagnosis'
import { describe, expect, it } from 'vitest'
import MindChangers from './MindChangers.vue'
import NextChecks from './NextChecks.vue'
import { openChecksOf } from './open-checks.ts'
import { frayed } from './frayed.ts'
import VerdictRibbon from './VerdictRibbon.vue'

const input: DiagnosisInput = {
  context: 'turf',
  plantId: 'creeping-bentgrass',
  lookedOn: '2026-06-15',
  findings: { tier: 'youngest-only', pattern: 'fine-green-veins', severity: '3' },
  pHHistory: {
    readings: [{ kind: 'pH', value: 7.8, method: 'meter', takenOn: '2026-06-01' }],
    corrections: [],
  },
  events: [{ kind: 'limed', happenedOn: '2026-04-20' }],
}
const verdict = diagnose(input)
const hungry = diagnose({
  ...input,
  findings: { tier: 'oldest-spreading-up', pattern: 'even-pale', growth: 'slow', feed: 'none' },
  events: [],
})

describe('the bars of a verdict', () => {
  it('rank the causes with their chances, each a strand as thick as it is likely', () => {
    const bars = mount(VerdictRibbon, { props: { verdict, shown: 4 } })
    const rows = bars.findAll('.causes > li')
    expect(rows).toHaveLength(4)
    expect(rows[0]?.find('.name').text()).toBe(verdict.ranked[0]?.name)
    const strands = bars.findAll('path.edge').map((path) => Number(path.attributes('stroke-width')))
    expect(strands).toEqual(strands.toSorted((a, b) => b - a))
    // The band of 62 px is all that is likely.
    expect(strands[0]).toBeCloseTo((verdict.ranked[0]?.probability ?? 0) * 62, 6)
  })

  it('open to reasons for and against, named and weighed in words', () => {
    const bars = mount(VerdictRibbon, { props: { verdict, isOpen: true } })
    const first = bars.find('.causes > li')
    expect(isUnfolded(first)).toBe(true)
    expect(first.text()).toContain('Leaves affected: the youngest leaves only.')
    expect(first.text()).toContain('Story: limed.')
    expect(first.text()).toMatch(/Strongly\.|Clearly\./)
    const magnesium = bars.props('verdict').ranked.findIndex(({ id }) => id === 'magnesium-short')
    expect(magnesium).toBeGreaterThan(3)
  })

  it('show the less likely causes when asked', async () => {
    const bars = mount(VerdictRibbon, { props: { verdict, shown: 3 } })
    const more = () => bars.findAll('button').find((each) => /less likely/.test(each.text()))
    await more()?.trigger('click')
    // Pairs too unlikely to tell from nothing stay out.
    expect(bars.findAll('.causes > li').length).toBeGreaterThan(25)
    expect(more()).toBeUndefined()
    await unfold(foldsOf(bars).at(-1))
    expect(bars.text()).toContain('against')
  })

  it('say where it is not iron, unless that is told above them already', () => {
    const warning = 'Not iron: do not buy iron for this.'
    const first = (isLeadTold: boolean) =>
      mount(VerdictRibbon, { props: { verdict: hungry, isLeadTold, isOpen: true } })
        .find('.causes > li')
        .text()
    expect(first(false)).toContain(warning)
    expect(first(true)).not.toContain(warning)
  })
})

describe('the next checks', () => {
  const checks = nextChecks(verdict)
  const shown = (isAnswerable = false) =>
    mount(NextChecks, { props: { checks, verdict, currency: 'USD', shown: 4, isAnswerable } })

  it('stand most worth the effort first, with what they cost', () => {
    const names = shown()
      .findAll('.name')
      .map((each) => each.text())
    expect(names[0]).toBe(checks[0]?.check.name)
    expect(names).toHaveLength(4)
    expect(shown().find('.effort').text()).toMatch(/^\d+ min · (free|about \$\d+)/)
  })

  it('open to what each answer would do', async () => {
    const list = shown()
    await unfold(foldsOf(list)[0])
    const rows = list.findAll('li:first-child tbody tr')
    expect(rows.length).toBeGreaterThan(1)
    expect(rows[0]?.text()).toMatch(/\d+ %.*(still|another)/)
    expect(list.find('.gain').text()).toMatch(/clear up about (< )?\d+ % of the doubt/)
  })

  it('can be answered on the spot where a look is being taken', async () => {
    const list = shown(true)
    await list.find('.answers button').trigger('click')
    const [said] = list.emitted('say') ?? []
    expect(said).toHaveLength(2)
    expect(shown(false).find('.answers').exists()).toBe(false)
  })

  it('can be planned where a case is open, and say when the answer is due', async () => {
    const planned = new Map([[checks[1]?.check.id ?? '', '2026-06-22']])
    const list = mount(NextChecks, { props: { checks, verdict, currency: 'USD', planned } })
    for (const fold of foldsOf(list).slice(0, 2)) await unfold(fold)
    const plan = list.findAll('button').find((each) => each.text().startsWith('Plan it'))
    await plan?.trigger('click')
    expect(list.emitted('plan')?.[0]).toEqual([checks[0]?.check])
    expect(list.text()).toContain('the answer is due 22 Jun')
  })

  it('are silent when nothing is left to ask', () => {
    const none = mount(NextChecks, { props: { checks: [], verdict, currency: 'USD' } })
    expect(none.text()).toBe('')
  })
})

describe('what would change my mind', () => {
  it('names the finding and what would lead then', () => {
    const { changers } = openChecksOf({ ...input, findings: { pattern: 'even-pale' }, events: [] })
    const told = mount(MindChangers, { props: { changers } })
    expect(told.text()).toContain(changers[0]?.words)
    expect(told.findAll('li').length).toBeLessThanOrEqual(5)
  })

  it('says so where nothing would', () => {
    expect(mount(MindChangers, { props: { changers: [] } }).text()).toContain('No single finding')
  })
})

describe('a ribbon that frays', () => {
  const shape = { width: 100, height: 60 }
  it('starts as one band and ends at the lines of the causes', () => {
    const { strands, rest } = frayed([0.5, 0.25], [13, 80], shape)
    expect(strands.map(({ thick }) => thick)).toEqual([30, 15])
    expect(strands[0]?.path).toMatch(/^M0,15 .* 100,13$/)
    expect(strands[1]?.path).toMatch(/^M0,37.5 .* 100,80$/)
    expect(rest.thick).toBe(15)
  })
  it('keeps what is hardly likely visible, and has no rest where nothing is left', () => {
    const { strands, rest } = frayed([0.999, 0.001], [13, 40], shape)
    expect(strands[1]?.thick).toBeGreaterThan(1)
    expect(rest.thick).toBeLessThan(2)
  })
})
