import { recordedAt } from '../../tests/recorded.ts'
import { unfold } from '../../tests/folds.ts'
import { flushPromises } from '@vue/test-utils'
import { addDays } from '@spudder/core/base/calendar'
import { allCauses } from '@spudder/core/verdict/diagnosis'
import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { today } from '../../shared/units/today.ts'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import CauseEnding from './CauseEnding.vue'
import VerdictPanel from './VerdictPanel.vue'

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

const recorded = recordedAt(`${today()}T08:00:00.000Z`)
const of = { standId: 'green', caseId: 'case' }

/** The verdict on a stand with an open case and one look. */
const verdictOn = (findings: Record<string, string>, more: object = {}, answers: object = {}) =>
  mountOnStand(VerdictPanel, {
    story: {
      cases: [
        { id: 'case', standId: 'green', openedOn: today(), closedOn: null, outcome: null, outcomeNote: '', ...recorded },
      ],
      looks: [{ id: 'look', lookedOn: today(), findings, paint: {}, note: '', ...of, ...recorded }],
      ...more,
    },
  }, { ...answers }) // prettier-ignore

const rings = {
  tier: 'all',
  pattern: 'even-pale',
  whereOnGround: 'rings',
  roots: 'brown-soft',
  clinic: 'ring-fungus',
}

describe('the verdict', () => {
  it('that is settled says so, names no iron where it is none, and how it ends', async () => {
    const { panel } = await verdictOn(rings)
    expect(panel.find('.cause').text()).toMatch(/^Root-rot ring disease of turf/)
    expect(panel.text()).toContain('Settled enough to act on')
    expect(panel.text()).toContain('Not iron: do not buy iron for this')
    expect(panel.find('[aria-label^="What to do: Root-rot"]').text()).toContain('turf clinic')
    expect(panel.text()).not.toContain('Choose the remedy')
  })

  it('that is open says so, and what to find out before anything is bought', async () => {
    const { panel } = await verdictOn({ pattern: 'even-pale' })
    expect(panel.text()).toMatch(/Not settled: .* Make the first check/)
    const next = panel.find('[aria-label="Check next"]')
    expect(next.find('.name').text()).toBe('See which leaves are pale')
    expect(panel.find('[aria-label="What would change my mind"]').findAll('li').length).toBe(5)
  })

  it('of iron leads to the remedy', async () => {
    const readings = [
      {
        id: 'pH', standId: 'green', kind: 'pH', value: 8, method: 'laboratory', came: { how: 'typed' as const }, takenOn: addDays(today(), -20),
        preparation: null, place: null, doubt: null, instrument: '', note: '', ...recorded,
      },
    ] // prettier-ignore
    const { panel } = await verdictOn(
      { tier: 'youngest-only', pattern: 'stripes', roots: 'white', wetness: 'moist' },
      { readings },
    )
    expect(panel.text()).toContain('Choose the remedy')
    expect(panel.text()).toMatch(/pH 8.0 ± 0.1 while\s+the leaves grew/)
    expect(panel.text()).toMatch(/Iron is the remedy, or part of it: \d\d %/)
  })

  it('plans a check for the day on which its answer is due', async () => {
    const { panel, sent } = await verdictOn({ tier: 'youngest-only' })
    const paint = panel
      .findAll('[aria-label="Check next"] .fold')
      .find((each) => each.text().includes('Paint leaves'))
    if (!paint) throw new Error('the leaf-paint test is not proposed')
    await unfold(paint)
    const planIt = paint.findAll('button').find((each) => each.text().startsWith('Plan it'))
    await planIt?.trigger('click')
    await flushPromises()
    expect(sent[0]).toMatchObject({
      path: '/cases/case/checks',
      body: { checkId: 'leaf-paint', dueOn: addDays(today(), 7) },
    })
  })

  it('without a look leads to one', async () => {
    const { panel } = await mountOnStand(VerdictPanel)
    expect(panel.text()).toContain('No verdict yet')
    expect(panel.find('a').attributes('href')).toBe('/look')
  })
})

describe('cases like this', () => {
  const pastRings = (id: string, change: object = {}) => ({
    id,
    standId: 'old-green',
    standName: 'Old green',
    context: 'turf',
    plantId: 'creeping-bentgrass',
    openedOn: '2026-03-01',
    closedOn: '2026-05-02',
    outcome: 'green',
    note: 'Came back once it was watered deep.',
    verdict: [{ causeId: 'ring-disease', probability: 1 }],
    treatments: [{ appliedName: 'Ferrous sulfate', happenedOn: '2026-03-23' }],
    ...change,
  })
  /** What the verdict on rings thinks likely, by the ids of its causes. */
  const causeId = allCauses.find(({ name }) => name.startsWith('Root-rot ring disease'))?.id
  const like = { verdict: [{ causeId, probability: 1 }] }

  it('are told with what was done and how it went, and how alike they are', async () => {
    const { panel } = await verdictOn(rings, {}, { 'past-cases': [pastRings('old', like)] })
    const told = panel.find('[aria-label="Cases like this here"]')
    expect(told.text()).toMatch(/Old green, 1 Mar.*\(\d\d ?% alike\)/)
    expect(told.text()).toMatch(/Ferrous sulfate on 23 Mar.*Green 40 days after the treatment\./)
    expect(told.text()).toContain('Came back once it was watered deep.')
  })

  it('where nothing was put out count from the first look, and those that are unlike are not told', async () => {
    const bare = pastRings('bare', { ...like, treatments: [], outcome: 'given-up' })
    const { panel } = await verdictOn(rings, {}, { 'past-cases': [bare, pastRings('unlike')] })
    const told = panel.find('[aria-label="Cases like this here"]')
    expect(told.findAll('li')).toHaveLength(1)
    expect(told.text()).toContain('Nothing was put out. Given up 62 days after the first look.')
  })
})

describe('an ending', () => {
  it.each(['magnesium-short', 'larvae', 'iron-tied-up-by-pH'])('of %s is told whole', (id) => {
    const cause = allCauses.find((each) => each.id === id)
    if (!cause) throw new Error(id)
    const told = mount(CauseEnding, {
      props: { cause, setting: { context: 'turf', leaf: 'blade' } },
    }).text()
    const { first, then, doNotBuy, call, lookAgain } = cause.ending
    for (const words of [first, ...then, lookAgain]) expect(told).toContain(words)
    for (const words of [doNotBuy, call]) if (words) expect(told).toContain(words)
    expect(told.includes('Do not buy')).toBe(cause.remedy === 'not-iron')
  })
})

describe('advisers’ notes', () => {
  it('stand below the verdict with who wrote them, and can be written', async () => {
    const note = { id: 'note', standId: 'green', givenOn: today(), words: 'Drain it.', ...recorded }
    const { panel, sent } = await verdictOn(rings, {}, { '/advice': [note] })
    const notes = panel.find('[aria-label="Advisers’ notes"]')
    expect(notes.find('article').text()).toMatch(new RegExp(`^Drain it\\.${note.createdBy}, `))
    await notes.find('textarea').setValue('  Look again in a week. ')
    await notes.find('form').trigger('submit')
    await flushPromises()
    expect(sent).toMatchObject([
      { path: '/stands/green/advice', body: { givenOn: today(), words: 'Look again in a week.' } },
    ])
  })
})
