import { recordedAt } from '../../tests/recorded.ts'
import type { StandStoryDto } from '@spudder/contract/stand'
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import { entryRow, jobRow } from '../../tests/rows.ts'
import JobsPanel from './JobsPanel.vue'

const recorded = recordedAt('2026-04-15T08:00:00.000Z')
const plan: StandStoryDto['acidPlans'][number] = {
  id: 'plan',
  standId: 'green',
  startsOn: '2026-04-01',
  fromPH: 7.2,
  pHDoubt: 0.1,
  targetPH: 6.2,
  situation: 'turf',
  groundM2: 100,
  ground: { texture: 'loam', depthM: 0.1 },
  water: null,
  steps: [],
  retests: [],
  note: '',
  ...recorded,
}
const job = jobRow({
  id: 'step',
  acidPlanId: 'plan',
  plannedKg: 2,
  title: 'Sulfur granules that fall apart, step 1 of 2',
  dueOn: '2026-04-14',
  share: 0,
  route: 'soil',
  sourceId: 'sulfur-granules',
})
const retest = jobRow({ id: 'test', acidPlanId: 'plan', kind: 'test', title: 'Test pH again', route: null, sourceId: null, dueOn: '2027-04-01' }) // prettier-ignore
const entry = entryRow({
  jobId: 'step',
  happenedOn: '2026-04-15',
  route: 'soil',
  sourceId: 'sulfur-granules',
  plannedProductKg: 200,
  productKg: 200,
  waterL: 0,
})
const open = (story: Partial<StandStoryDto>) =>
  mountOnStand(JobsPanel, { story: { acidPlans: [plan], jobs: [job, retest], ...story } })

beforeEach(() => vi.useFakeTimers({ now: new Date('2026-04-15T10:00:00Z'), toFake: ['Date'] }))
afterEach(() => {
  vi.useRealTimers()
  localStorage.clear()
})

describe('a step of an acid plan among the jobs', () => {
  it('stands there without a case: how much, how spread, with its cautions', async () => {
    const { panel } = await open({})
    const text = panel.text().replace(/\s+/g, ' ')
    expect(text).toMatch(/due 14 Apr ?Sulfur granules/)
    expect(text).toMatch(/4\.41 lb ?Sulfur granules that fall apart/)
    // 20 g/m² are 4.1 lb/1000 ft².
    expect(text).toMatch(/4\.1 lb\/1000 ft²/)
    expect(text).toMatch(/Half of it one way, half across it\. Brush it off the leaves/)
    expect(text).toMatch(/burns or explodes: no sparks/)
    expect(text).not.toMatch(/jar test/)
    expect(text).toMatch(/Measure pH and add it; that does this job/)
  })

  it('is worked in where the ground is bare', async () => {
    const { panel } = await open({ acidPlans: [{ ...plan, situation: 'bare' }] })
    expect(panel.text()).toMatch(/Work it in over the whole depth/)
  })

  it('is recorded as planned, exactly, in one press', async () => {
    const { panel, sent } = await open({})
    await panel.find('.record').trigger('submit')
    await flushPromises()
    expect(sent[0]?.path).toBe('/jobs/step/entries')
    expect(sent[0]?.body).toMatchObject({ productKg: 2, waterL: 0, happenedOn: '2026-04-15' })
  })

  it('counts in the sums of the season; what bare ground takes is held to its plan', async () => {
    const done = { jobs: [{ ...job, status: 'done' as const }], entries: [entry] }
    const grass = (await open(done)).panel.find('.sums').text()
    expect(grass).toMatch(/sulfur.*over the/)
    const bare = { ...plan, situation: 'bare' as const }
    const tilled = (await open({ ...done, acidPlans: [bare] })).panel.find('.sums').text()
    expect(tilled).toMatch(/sulfur/)
    expect(tilled).not.toMatch(/over the/)
  })

  it('once done shows who, when, lot, weather and photos, and is corrected without losing them', async () => {
    const done = entryRow({
      ...entry,
      startedAt: '06:30',
      endedAt: '08:00',
      worker: 'Ines',
      lot: 'S-1',
      weather: { source: 'station', temperatureC: 10, windMPerS: 2 },
    })
    const photo = { id: 'p', standId: 'green', caseId: null, entryId: 'entry', fileName: 'tank.jpg', type: 'image/jpeg', byteCount: 9, widthPx: 1, heightPx: 1, takenOn: null, measure: null, ...recorded } // prettier-ignore
    const { panel, sent } = await open({ entries: [done], photos: [photo] })
    expect(panel.text()).toMatch(/06:30-08:00 · Ines · lot S-1 · 50 °F, wind 4 mph/)
    expect(panel.find('.photos img').attributes('alt')).toBe('tank.jpg')
    await panel
      .findAll('button')
      .find((each) => each.text() === 'Correct')
      ?.trigger('click')
    const form = panel.get('.correction')
    for (const [words, value] of [
      ['Lot', 'S-2'],
      ['Why it is corrected', 'Wrong bag.'],
    ] as const) {
      const label = form.findAll('label').find((each) => each.text() === words)
      await form.get(`[id="${label?.attributes('for')}"]`).setValue(value)
    }
    await panel.find('.correction').trigger('submit')
    await flushPromises()
    expect(sent[0]).toMatchObject({
      path: '/entries/entry/corrections',
      body: { lot: 'S-2', worker: 'Ines', startedAt: '06:30', reason: 'Wrong bag.' },
    })
  })
})
