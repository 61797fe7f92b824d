import { recordedAt } from '../../tests/recorded.ts'
import { give } from '../../tests/find-in-panel.ts'
import type { StandStoryDto } from '@spudder/contract/stand'
import type * as pHPath from '@spudder/core/soil/pH-path'
import { flushPromises, type VueWrapper } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import { entryRow, jobRow } from '../../tests/rows.ts'
import AcidPanel from './AcidPanel.vue'

// The path itself is tried in the core; here a small one is enough.
vi.mock('@spudder/core/soil/pH-path', async (original) => {
  const core = await original<typeof pHPath>()
  return {
    ...core,
    foretellAtOnce: (input: Parameters<typeof core.foretellAtOnce>[0]) =>
      core.foretellAtOnce({ ...input, count: 30 }),
  }
})

const recorded = recordedAt('2026-04-15T08:00:00.000Z')
const reading = (kind: 'pH' | 'calciumCarbonate', value: number, takenOn = '2026-04-14') => ({
  id: `${kind}${takenOn}`,
  standId: 'green',
  kind,
  value,
  method: 'laboratory' as const,
  came: { how: 'typed' as const },
  takenOn,
  preparation: null,
  place: null,
  doubt: null,
  instrument: '',
  note: '',
  ...recorded,
})
const bed = { context: 'shrub', plantId: 'azalea' } as const
const open = (story: Partial<StandStoryDto>, given: object = bed) =>
  mountOnStand(AcidPanel, { ...given, story })

const text = (panel: VueWrapper) => panel.text().replace(/\s+/g, ' ')
const buttonNamed = (panel: VueWrapper, name: string) =>
  panel.findAll('button').find((each) => each.text() === name)
const settle = async () => {
  await vi.advanceTimersByTimeAsync(300)
  await flushPromises()
}

beforeEach(() => {
  vi.useFakeTimers({ now: new Date('2026-04-15T10:00:00Z'), toFake: ['Date', 'setTimeout'] })
})
afterEach(() => {
  vi.useRealTimers()
  localStorage.clear()
})

describe('whether it can work', () => {
  it('is no with 5 % lime, with the figure and what to do instead', async () => {
    const { panel } = await open({ readings: [reading('pH', 7.9), reading('calciumCarbonate', 5)] })
    expect(panel.find('h2').text()).toBe('Do not try')
    expect(text(panel)).toMatch(/About 5 % free lime: it takes 29,000 lb sulfur\/acre before pH/)
    expect(text(panel)).toMatch(/Instead ?A plant or variety that bears lime\..*raised bed/)
  })

  it('says what was taken for want of a measurement, and takes it back when told', async () => {
    const { panel } = await open({ readings: [reading('pH', 6.9)] })
    expect(text(panel)).toMatch(/Texture: nobody said, loam is taken/)
    await give(panel, 'Texture', 'sandy-loam')
    expect(text(panel)).not.toMatch(/nobody said/)
    expect(text(panel)).toMatch(/Organic matter 2 %, as usual in sandy loam/)
  })

  it('asks for a pH where there is none, and leaves solutions to their acid', async () => {
    expect(text((await open({})).panel)).toMatch(/Measure the pH first/)
    const loop = { context: 'hydroponic', plantId: 'lettuce' }
    expect(text((await open({}, loop)).panel)).toMatch(/A solution has no soil to move/)
  })
})

describe('what retests here taught', () => {
  const taught = {
    planId: 'before',
    standId: 'green',
    startsOn: '2024-04-20',
    retests: [{ day: '2025-04-10', pH: 6.7, doubt: 0.2 }],
    figured: { mmolPerKg: 24, doubt: 0.45 },
    said: { mmolPerKg: 60, doubt: 0.15 },
  }
  const begun = (settings: object) =>
    mountOnStand(
      AcidPanel,
      { ...bed, settings, story: { readings: [reading('pH', 6.9)] } },
      { '/buffering': { plans: [taught] } },
    )
  /** The most that the ground may want. */
  const mostOf = (panel: VueWrapper) =>
    Number(/[\d.]+$/.exec(panel.find('.amount .big').text().split(' ')[0] ?? '')?.[0])

  it('makes the amount of a new plan, where it is switched on, and says so', async () => {
    const { panel } = await begun({})
    const { panel: learnt } = await begun({ learns: true })
    await settle()
    expect(text(panel)).not.toContain('As retests here taught')
    expect(text(learnt)).toMatch(
      /As retests here taught, the ground takes 5\d mmol\/kg.*figured from its tests alone 2\d mmol\/kg/,
    )
    expect(mostOf(learnt)).toBeGreaterThan(1.1 * mostOf(panel))
  })
})

describe('what makes no sense', () => {
  it.each([
    ['To pH', '6.9', /Target pH: give a pH other than the present 6\.9: there is nothing to do/],
    ['To pH', '2', /Target pH: give a number from 3\.5 to 8\.5, not 2/],
    ['To pH', '', /Target pH: give a number from 3\.5/],
    ['Down to', '0 in', /Depth: give a number from 0\.02 to 1 m, not 0 m/],
    ['Down to', 'deep', /Give a length, such as|Give .*such as/],
  ])('%s of "%s" is answered with what to do', async (label, value, message) => {
    const { panel } = await open({ readings: [reading('pH', 6.9)] })
    await give(panel, label, value)
    expect(text(panel)).toMatch(message)
    expect(panel.find('.amount').exists()).toBe(false)
  })

  it('a target above the present pH turns into liming, its mirror', async () => {
    const { panel } = await open({ readings: [reading('pH', 5)] })
    await give(panel, 'To pH', '6.2')
    await settle()
    expect(text(panel.find('.amount') as unknown as VueWrapper)).toMatch(/lime, as pure CaCO₃/)
    expect(panel.findAll('.materials tbody tr')).toHaveLength(1)
    expect(text(panel)).toMatch(/Over-limed ground locks up iron/)
  })
})

describe('steps', () => {
  const start = () => open({ readings: [reading('pH', 6.9)] })

  it('are laid out within their limits, and sent as jobs', async () => {
    const { panel, sent } = await start()
    expect(panel.findAll('.list ol > li').length).toBeGreaterThan(3)
    await buttonNamed(panel, 'Plan these steps')?.trigger('click')
    await flushPromises()
    const body = sent[0]?.body as { steps: { kgPerM2: number; day: string }[]; retests: object[] }
    expect(sent[0]?.path).toBe('/stands/green/acid-plans')
    expect(body).toMatchObject({ startsOn: '2026-04-15', fromPH: 6.9, targetPH: 5, situation: 'bed' }) // prettier-ignore
    expect(body.retests.length).toBeGreaterThan(1)
    for (const { kgPerM2 } of body.steps) expect(kgPerM2 * 0.9).toBeLessThanOrEqual(0.02442)
  })

  it('move by arrow keys; over a limit, the plan cannot be stored until it is put right', async () => {
    const { panel } = await start()
    const second = panel.findAll('[role=slider]')[1]
    const before = second?.attributes('aria-valuetext')
    for (let week = 0; week < 9; week++) await second?.trigger('keydown', { key: 'ArrowLeft' })
    await flushPromises()
    expect(panel.findAll('[role=slider]')[1]?.attributes('aria-valuetext')).not.toBe(before)
    expect(text(panel)).toMatch(/days after another sulfur step; wait 120/)
    const store = buttonNamed(panel, 'Plan these steps')
    expect(store?.attributes('disabled')).toBeDefined()
    await buttonNamed(panel, 'Recalculate steps')?.trigger('click')
    await flushPromises()
    expect(text(panel)).not.toMatch(/days after another/)
    expect(store?.attributes('disabled')).toBeUndefined()
  })

  it('stay where they are while a day is half typed, and nothing is stored meanwhile', async () => {
    const { panel } = await start()
    const shown = () => panel.find('[role=slider]').attributes('aria-valuetext')
    const before = shown()
    for (const half of ['', '0002-05-20']) {
      await give(panel, 'Step 1 on', half)
      expect(shown()).toBe(before)
      expect(text(panel)).toMatch(/Give a day\./)
      expect(buttonNamed(panel, 'Plan these steps')?.attributes('disabled')).toBeDefined()
    }
    await give(panel, 'Step 1 on', '2026-05-28')
    expect(shown()).toMatch(/28 May/)
    expect(text(panel)).not.toMatch(/Give a day\./)
    await give(panel, 'Step 1, in all', '9999999 lb')
    expect(text(panel)).toMatch(/Give an amount that can be spread/)
  })

  it('can be typed, and what is unreadable is said beside them', async () => {
    const { panel } = await start()
    await give(panel, 'Step 1, in all', '40 lb')
    expect(text(panel)).toMatch(/sulfur at once is over/)
    await give(panel, 'Step 1, in all', 'a handful')
    expect(text(panel)).toMatch(/Give .*such as/)
    await panel.find('.drop').trigger('click')
    await flushPromises()
    expect(text(panel)).not.toMatch(/sulfur at once is over/)
  })
})

describe('a plan under way', () => {
  const plan = {
    id: 'plan',
    standId: 'green',
    startsOn: '2025-04-01',
    fromPH: 6.9,
    pHDoubt: 0.1,
    targetPH: 5,
    situation: 'bed' as const,
    groundM2: 100,
    ground: { texture: 'sandy-loam' as const, depthM: 0.15 },
    water: null,
    steps: [],
    retests: [],
    note: '',
    ...recorded,
  }
  const job = (id: string, status: 'planned' | 'done', dueOn: string, kind: 'apply' | 'test' = 'apply') => jobRow({ id, acidPlanId: 'plan', kind, title: id, dueOn, status, share: 0, ...(kind === 'apply' ? { plannedKg: 2, route: 'soil', sourceId: 'sulfur-granules' } : { route: null, sourceId: null }) }) // prettier-ignore
  const entry = entryRow({ jobId: 'first', happenedOn: '2025-05-01', route: 'soil', sourceId: 'sulfur-granules', waterL: 0 }) // prettier-ignore

  it('shows its jobs as steps, its tests, and what a retest taught', async () => {
    const { panel } = await open({
      readings: [reading('pH', 6.9, '2025-03-30'), reading('pH', 6.4, '2026-04-01')],
      acidPlans: [plan],
      jobs: [job('first', 'done', '2025-05-01'), job('next', 'planned', '2026-05-10'), job('test', 'planned', '2026-06-01', 'test')], // prettier-ignore
      entries: [entry],
    })
    expect(text(panel)).toMatch(/From pH 6\.9.*as of 1 Apr 2025/)
    expect(panel.findAll('.list ol > li')).toHaveLength(1)
    expect(text(panel)).toMatch(/Steps planned, as jobs/)
    expect(text(panel)).toMatch(/Tests: 1 Jun/)
    expect(text(panel)).toMatch(
      /A retest has pulled the path through\. Acid for one pH: thought .* now/,
    )
  })
})

describe('the water', () => {
  it('brings lime, and acid takes it out: amount, stock, nutrient and caution', async () => {
    const { panel } = await open({ readings: [reading('pH', 6.9)] })
    await give(panel, 'Water given a year', '400 mm')
    await give(panel, 'Its alkalinity, mg/L CaCO₃', '200')
    // 800 kg/ha are 714 lb/acre.
    expect(text(panel)).toMatch(/714 lb\/acre lime a year/)
    await give(panel, 'Acid into it', 'sulfuric-93')
    const water = text(panel.find('.water') as unknown as VueWrapper)
    expect(water).toMatch(/sulfuric acid 93 % in 1,?000 gal of water; it then stands at pH 5\.8|pH 5\.9/) // prettier-ignore
    expect(water).toMatch(/It brings sulfur \d+ mg\/L/)
    expect(water).toMatch(/Acid into water, never water into acid/)
    expect(water).toMatch(/The same with citric acid, powder [\d.]+ lb; sulfuric acid 35 %/)
    await give(panel, 'Alkalinity to leave, mg/L', '300')
    expect(text(panel)).toMatch(/less than the 200 mg\/L that the water has/)
    // To a pH: 200 mg/L from 7.5 to 6.0 take 77.3 mL/m³ of sulfuric acid 93 %, 9.9 fl oz/1000 gal.
    await give(panel, 'Its pH', '7.5')
    await panel.find('input[type=radio][value=pH]').setValue(true)
    await give(panel, 'pH wanted', '6')
    expect(text(panel.find('.water') as unknown as VueWrapper)).toMatch(/9\.89 fl oz sulfuric acid 93 %.*pH 6\.0 and keeps 66 mg\/L/) // prettier-ignore
    await give(panel, 'Its alkalinity, mg/L CaCO₃', 'much')
    expect(text(panel)).toMatch(/Alkalinity: give a number from 0 to 1500/)
    await give(panel, 'Its alkalinity, mg/L CaCO₃', '200')
    await give(panel, 'pH wanted', '8')
    expect(text(panel)).toMatch(/Target pH: give a pH below that of the water/)
  })
})

describe('materials', () => {
  it('stand side by side, and another bag lays the steps out anew', async () => {
    const { panel } = await open({ readings: [reading('pH', 6.9)] })
    await settle()
    const rows = panel.findAll('.materials tbody tr').map((row) => row.text().replace(/\s+/g, ' '))
    expect(rows).toHaveLength(9)
    expect(rows.find((row) => row.startsWith('Ammonium'))).toMatch(/\d+ % of it in \d+ steps/)
    expect(rows.find((row) => row.startsWith('Pine'))).toMatch(
      /far more.*Hardly moves mineral soil/,
    )
    await panel.findAll('.materials label').find((each) => each.text() === 'Ferrous sulfate, spray grade')?.find('input').setValue(true) // prettier-ignore
    await flushPromises()
    expect(panel.find('.list .name').text()).toBe('Ferrous sulfate, spray grade')
  })
})
