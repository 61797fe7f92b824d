import { recordedAt } from '../../tests/recorded.ts'
import { choiceOf } from '../../tests/choices.ts'
import type { StandStoryDto } from '@spudder/contract/stand'
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import { measureRow, photoRow } from '../../tests/photo-rows.ts'
import { entryRow, jobRow } from '../../tests/rows.ts'
import WatchPanel from './WatchPanel.vue'

const recorded = recordedAt('2026-06-01T08:00:00.000Z')
const reading = (
  takenOn: string,
  value: number,
  place: 'untreated' | 'no-nitrogen' | null = null,
) => ({
  id: `${takenOn}${place ?? ''}`,
  standId: 'green',
  kind: 'turfColour' as const,
  value,
  method: 'eye' as const,
  came: { how: 'typed' as const },
  takenOn,
  preparation: null,
  place,
  doubt: null,
  instrument: '',
  note: '',
  ...recorded,
})
const soilPH = { ...reading('2026-05-20', 7.9), id: 'pH', kind: 'pH' as const, method: 'meter' as const } // prettier-ignore
const openCase = {
  id: 'case',
  standId: 'green',
  openedOn: '2026-05-25',
  closedOn: null,
  outcome: null,
  outcomeNote: '',
  ...recorded,
}
const look = {
  id: 'look',
  standId: 'green',
  caseId: 'case',
  lookedOn: '2026-05-25',
  findings: { tier: 'youngest-only' as const, severity: '3' as const, roots: 'white' as const },
  paint: {},
  note: '',
  ...recorded,
}
const spray = entryRow({
  caseId: 'case',
  happenedOn: '2026-06-01',
  route: 'leaf',
  sourceId: 'ferrous-sulfate',
  weather: { source: 'station', rainAfterMm: 0 },
})
const drench = entryRow({
  caseId: 'case',
  happenedOn: '2026-06-01',
  route: 'soil',
  sourceId: 'fe-edta',
  appliedName: 'Fe-EDTA',
  waterL: 400,
})
type Story = Partial<StandStoryDto>
const story = (change: Story): Story => ({
  cases: [openCase],
  looks: [look],
  jobs: [jobRow({ id: 'job', caseId: 'case', status: 'done' })],
  entries: [spray],
  readings: [reading('2026-05-31', 4)],
  ...change,
})
const open = async (change: Story) => {
  const { panel, sent } = await mountOnStand(WatchPanel, { story: story(change) })
  return { panel, sent, text: () => panel.text().replace(/\s+/g, ' ') }
}

beforeEach(() => vi.useFakeTimers({ now: new Date('2026-06-30T10:00:00Z'), toFake: ['Date'] }))
afterEach(() => {
  vi.useRealTimers()
  localStorage.clear()
})

describe('the watch screen', () => {
  it('says how it is going, how likely that is, and when the next is due', async () => {
    const greened = [reading('2026-05-31', 4), reading('2026-06-07', 7), reading('2026-06-10', 7)]
    const { panel, text } = await open({ readings: greened })
    expect(panel.find('.word').text()).toBe('on course')
    expect(panel.find('.chances').text()).toMatch(/^9\d % on course/)
    expect(text()).toMatch(/Half of what was gained is gone about \d Jul \(\d+ Jun to 1\d Jul\)/)
    expect(text()).toContain('Without an untreated strip weather that greens is counted too')
    // What was to be expected; the fitted course and its two edges.
    expect(panel.findAll('path.line')).toHaveLength(4)
  })

  it('takes the untreated strip off: what greened by itself was not the iron', async () => {
    const both = (day: string, value: number) => [reading(day, value), reading(day, value, 'untreated')] // prettier-ignore
    const { panel, text } = await open({
      readings: [reading('2026-05-31', 4), ...both('2026-06-07', 6.5), ...both('2026-06-10', 7)],
    })
    expect(panel.find('.word').text()).toBe('no response')
    expect(panel.findAll('.point rect')).toHaveLength(2)
    expect(text()).toContain('Judged beside the strip')
  })

  it('asks the strip without nitrogen what of the greening is the iron’s', async () => {
    const greened = [reading('2026-05-31', 4), reading('2026-06-10', 7)]
    const bare = reading('2026-06-10', 6, 'no-nitrogen')
    const { text } = await open({ readings: [...greened, bare] })
    expect(text()).toMatch(
      /By the strip without nitrogen, on day 9: iron can claim \d\d % to (9\d|100) % of the greening/,
    )
    expect(text()).toContain('The nitrogen did the rest.')
    expect((await open({ readings: greened })).text()).not.toContain('iron can claim')
    const little = [reading('2026-05-31', 4), reading('2026-06-10', 4.5), reading('2026-06-10', 4.5, 'no-nitrogen')] // prettier-ignore
    expect((await open({ readings: little })).text()).toContain('Too little has greened')
  })

  it('has nothing to judge before anything is applied, and says what to do', async () => {
    const { text } = await open({ entries: [] })
    expect(text()).toContain('Enter a colour now, so that there is a before')
  })

  it('lets one look back at an earlier case', async () => {
    const before = { ...openCase, id: 'old', openedOn: '2026-03-01', closedOn: '2026-04-10', outcome: 'given-up' as const } // prettier-ignore
    const early = { ...spray, id: 'early', caseId: 'old', happenedOn: '2026-03-02' }
    const { panel } = await open({
      cases: [before, openCase],
      entries: [early, spray],
      readings: [
        reading('2026-03-01', 4),
        reading('2026-03-12', 4),
        reading('2026-05-31', 4),
        reading('2026-06-08', 7.5),
      ],
    })
    expect(panel.find('.word').text()).toBe('on course')
    await choiceOf(panel, 'Case').choose('old')
    expect(panel.find('.word').text()).toBe('no response')
  })
})

describe('no response', () => {
  const none = [reading('2026-05-31', 4), reading('2026-06-15', 4), reading('2026-06-25', 4)]
  const failed = { entries: [drench], readings: [soilPH, ...none] }

  it('is explained from the record, question by question', async () => {
    const { panel, text } = await open(failed)
    const review = panel.find('section.review')
    expect(review.findAll('li').map((each) => each.find('.answer').text())).toEqual([
      'no',
      'yes',
      '?',
      'no',
      'no',
    ])
    expect(text()).toMatch(/At pH 7\.9 under 1 % \(up to 2 %\) of the iron of Fe-EDTA works/)
    expect(text()).toContain('It was watered in with 0.16 in.')
  })

  it('becomes a finding when one says so, and only once', async () => {
    const { panel, sent } = await open(failed)
    await panel.find('.tell button').trigger('click')
    await flushPromises()
    expect(sent).toMatchObject([
      { path: '/stands/green/looks', body: { findings: { tier: 'youngest-only', ironTried: 'nothing' } } }, // prettier-ignore
    ])
    const told = { ...look, findings: { ...look.findings, ironTried: 'nothing' as const } }
    expect((await open({ ...failed, looks: [told] })).panel.find('.tell').exists()).toBe(false)
  })
})

describe('a colour put in', () => {
  it('stands in the list of all that were kept, with its strip, and can be put right there', async () => {
    const { panel } = await mountOnStand(WatchPanel, {
      story: { readings: [reading('2026-06-01', 4), reading('2026-06-08', 6, 'untreated')] },
    })
    await panel.findAll('.fold-head').find((each) => each.text() === 'Colours kept (2)')?.trigger('click') // prettier-ignore
    await flushPromises()
    const kept = panel.findAll('li').filter((each) => each.text().includes('colour'))
    expect(kept.map((each) => each.text())).toEqual([
      expect.stringMatching(/^8 Jun.*colour 6 of 9, .*untreated.*correct/),
      expect.stringMatching(/^1 Jun.*colour 4 of 9.*correct/),
    ])
  })

  it('may be of the untreated strip', async () => {
    const { panel, sent } = await open({})
    await panel.find('.colour input[inputmode="decimal"]').setValue('4.5')
    const strip = panel.findAll('.colour label').find((each) => each.text() === 'untreated strip')
    await strip?.find('input').setValue(true)
    await panel.find('form.colour').trigger('submit')
    await flushPromises()
    expect(sent).toMatchObject([
      { path: '/stands/green/readings', body: { kind: 'turfColour', value: 4.5, place: 'untreated' } }, // prettier-ignore
    ])
  })

  it('by the meter is the mean of its leaves, with their own doubt', async () => {
    const units = [30, 34, 32]
    const { panel, sent } = await mountOnStand(WatchPanel, { story: story({}), settings: { practice: ['leafMeter'] } }, {
      'leaf-meter': { device: 'simulated chlorophyll meter', units: 32 },
    }) // prettier-ignore
    await choiceOf(panel, 'Scale').choose('chlorophyll')
    const clip = panel.findAll('button').find((each) => each.text() === 'Clip a leaf')
    for (const _ of units) {
      await clip?.trigger('click')
      await flushPromises()
    }
    expect(panel.find('.meter').text()).toMatch(/3 leaves: 32, 32, 32; ?32\.0 ± 0\.4/)
    await panel.find('form.colour').trigger('submit')
    await flushPromises()
    expect(sent).toMatchObject([
      { body: { kind: 'chlorophyll', value: 32, method: 'meter', doubt: 0.4, instrument: 'simulated chlorophyll meter' } }, // prettier-ignore
    ])
  })
})

describe('before and after', () => {
  const pale = photoRow({ id: 'pale', takenOn: '2026-05-30', measure: measureRow({ darkGreenIndex: 0.25 }) }) // prettier-ignore
  const green = photoRow({ id: 'deep', takenOn: '2026-06-09', measure: measureRow({ darkGreenIndex: 0.48 }) }) // prettier-ignore

  it('lays the last photo before the treatment under the newest, with their days', async () => {
    const { panel } = await open({ photos: [pale, green] })
    const compare = panel.find('section.compare')
    expect(compare.findAll('img').map((image) => image.attributes('alt'))).toEqual([
      'Before, 30 May',
      'After, 9 Jun',
    ])
    expect(compare.text()).toContain('Index 0.25 to 0.48: greener (+0.23 ± 0.02)')
    for (let i = 0; i < 30; i++)
      await compare.find('[role=slider]').trigger('keydown', { keyCode: 37 })
    expect(compare.find('.after').attributes('style')).toContain('inset(0 0 0 20%)')
  })

  it('refuses to compare what cannot be compared, and says why', async () => {
    const dark = { ...green, measure: measureRow({ remarks: ['dark'], isComparable: false }) }
    const { panel } = await open({ photos: [pale, dark] })
    expect(panel.find('.compare .refused').text()).toMatch(/^Not compared. The second photo: Too dark/) // prettier-ignore
    const unmeasured = { ...green, measure: null }
    const other = await open({ photos: [pale, unmeasured] })
    expect(other.panel.find('.compare').text()).toContain('Measure both to compare them')
  })

  it('is not there for a single photo', async () => {
    expect((await open({ photos: [pale] })).panel.find('section.compare').exists()).toBe(false)
  })
})
