import { meAt } from '../../tests/me.ts'
import { recorded } from '../../tests/recorded.ts'
import { CreateSprayerDto, toSetup, type SprayerDto } from '@spudder/contract/sprayer'
import { checkDto } from '@spudder/contract/validation'
import { sprayerKindNames } from '@spudder/core/apply/sprayer'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import {
  freshCalibration,
  offCalculated,
  readCalibration,
  testRunWords,
} from './calibration-draft.ts'
import { draftOfSetup, freshSetupDraft, readSetup } from './setup-draft.ts'
import SprayersPage from './SprayersPage.vue'
import TimedRun from './TimedRun.vue'

const boom = {
  kind: 'boom',
  tankL: 227.12,
  nozzleKind: 'flat-fan',
  nozzleSize: '02',
  nozzleCount: 9,
  spacingM: 0.508,
  pressureBar: 2.75790291727,
  speedKmPerH: 6.437376,
} as const
const backpack = { kind: 'backpack', tankL: 15 } as const
const sprayer = (name: string, setup: SprayerDto['setup']): SprayerDto => ({
  id: name,
  placeId: 'place',
  name,
  setup,
  calibration: null,
  isRetired: false,
  ...recorded,
})
beforeEach(() => localStorage.clear())

describe('calibrating', () => {
  const read = (setup: Parameters<typeof readCalibration>[0], typed: object) =>
    readCalibration(setup, { ...freshCalibration('us'), ...typed })

  it('a boom: ounces caught on the run that it is told are gallons an acre', () => {
    expect(testRunWords(boom, 'us')).toBe('204 ft')
    const { rateLPerM2 = 0, speedKmPerH = 0 } = read(boom, {
      time: '34.8 s',
      caught: '14.85 fl oz',
    })
    // The boom formula gives this nozzle, pressure, speed and spacing 14.85 gal/acre.
    expect(Math.abs(offCalculated(boom, rateLPerM2) ?? 1)).toBeLessThan(0.001)
    expect(Math.abs(speedKmPerH / 1.609344 - 4)).toBeLessThan(0.01)
  })

  it('a backpack: what went out over the ground that was marked', () => {
    const { rateLPerM2 = 0, how } = read(backpack, { caught: '1 gal', time: '190 s' })
    expect(rateLPerM2).toBeCloseTo(0.0407458, 6)
    expect(how).toBe('1 gal over 1000 ft2 in 190 s')
    expect(offCalculated(backpack, rateLPerM2)).toBeUndefined()
  })

  it('flags nozzles over 10 % off the mean', () => {
    const { check } = read(boom, { nozzles: '23, 22.5, 24, 28 fl oz' })
    expect(check?.nozzles.map(({ isOff }) => isOff)).toEqual([false, false, false, true])
  })

  it.each([
    [backpack, { area: '0 ft2', caught: '1 gal' }, 'caught', /area/i],
    [backpack, { caught: 'a bucket' }, 'caught', /a volume such as/],
    [boom, { time: '0 s' }, 'time', /from 1 to 3600 s/],
    [boom, { nozzles: '23 fl oz' }, 'nozzles', /at least two nozzles/],
  ] as const)('says what is wrong (%#)', (setup, typed, field, message) => {
    const { problems } = read(setup, typed)
    expect(problems[field] ?? Object.values(problems).join()).toMatch(
      field === 'caught' && 'area' in typed ? /from 1 to 20000 m²/ : message,
    )
  })

  it('has a watch on the page', async () => {
    vi.useFakeTimers()
    const run = mount(TimedRun, { props: { modelValue: '', label: 'Time' } })
    await run.find('button').trigger('click')
    await vi.advanceTimersByTimeAsync(34_000)
    expect(run.find('button').text()).toMatch(/^Stop at 3[34] s/)
    await run.find('button').trigger('click')
    expect(run.emitted('update:modelValue')?.[0]?.[0]).toMatch(/^3[34]\.\d s$/)
    vi.useRealTimers()
  })
})

describe('a set-up', () => {
  it('is read in the units of the place, and comes back as it was typed', () => {
    const typed = { ...freshSetupDraft('us'), kind: 'boom' as const, name: 'Cart' }
    const { setup } = readSetup(typed)
    expect(draftOfSetup(setup as unknown as SprayerDto['setup'], 'us')).toEqual({
      kind: 'boom',
      tank: '4 gal',
      nozzleKind: 'flat-fan',
      nozzleSize: '03',
      nozzleCount: '1',
      spacing: '20 in',
      pressure: '40 psi',
      speed: '4 mi/h',
    })
    expect(readSetup({ ...typed, speed: 'fast' }).problems['speed']).toMatch(
      /a speed such as 4 mph/,
    )
    expect(readSetup({ ...typed, kind: 'injector', ratio: '128' }).setup).toMatchObject({
      ratio: 128,
    })
  })
})

describe('every kind of sprayer', () => {
  it.each(sprayerKindNames)('%s is typed, checked, stored and typed back', (kind) => {
    const typed = { ...freshSetupDraft('metric'), kind }
    const { setup, problems } = readSetup(typed)
    expect(problems).toEqual({})
    const request = checkDto(CreateSprayerDto, { id: typed.id, name: 'It', setup })
    if (!request.ok) throw new Error(JSON.stringify(request.fields))
    expect(typed).toMatchObject(draftOfSetup({ ...toSetup(request.value.setup) }, 'metric'))
  })
})

describe('the page of sprayers', () => {
  async function open() {
    const sent: { method: string; path: string; body: unknown }[] = []
    const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', calendarToken: null, settings: {}, ...recorded }
    vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    if (url.endsWith('/me')) return Promise.resolve(Response.json(meAt('place')))
      const path = url.replace('/api', '')
      if (method !== 'GET') sent.push({ method, path, body: JSON.parse(String(body)) })
      const answer = path === '/places' ? [place] : method === 'GET' ? [sprayer('Cart', boom), sprayer('Back', backpack)] : sprayer('Back', backpack)
      return Promise.resolve(Response.json(answer, { status: method === 'POST' ? 201 : 200 }))
    })
    const page = mount(SprayersPage, { global: { plugins: [createPinia(), [PiniaColada, {}]] } })
    await flushPromises()
    const field = (label: string) => {
      const found = page.findAll('.field').find((each) => each.find('label').text() === label)
      if (!found) throw new Error(`no field ${label}`)
      return found.find('input')
    }
    return { page, sent, field }
  } // prettier-ignore

  it('says what is calculated, what nobody measured, and how much stays on a leaf', async () => {
    const { page } = await open()
    const [cart, back] = page.findAll('article').map((each) => each.text())
    expect(cart).toMatch(
      /0.341 gal\/1000 ft².*nobody measured it yet.*stays on the leaf.*Drops medium/,
    )
    expect(back).toContain('Not calibrated')
  })

  it('keeps what was measured with the sprayer', async () => {
    const { page, sent, field } = await open()
    await page.find('[aria-label="Calibrate Back"]').trigger('click')
    await field('Caught').setValue('1 gal')
    expect(page.text()).toContain('43.6 gal/acre')
    await page.find('form.guide').trigger('submit')
    await flushPromises()
    expect(sent[0]).toMatchObject({
      method: 'PATCH',
      path: '/sprayers/Back',
      body: { calibration: { how: '1 gal over 1000 ft2' } },
    })
  })

  it('refuses a boom that stands still, and keeps what was typed', async () => {
    const { page, sent, field } = await open()
    await page.find('input[value=boom]').setValue(true)
    await field('Name').setValue('Green cart')
    await field('Speed').setValue('0 mph')
    await page.find('form.setup').trigger('submit')
    await flushPromises()
    expect(page.text()).toContain('Speed: give a number from 0.3 to 40 km/h.')
    expect(sent).toEqual([])
    const again = await open()
    expect(again.field('Name').element.value).toBe('Green cart')
  })

  it('says how a boom is brought to a rate', async () => {
    const { page } = await open()
    const target = page.find('.target').text()
    // 14.85 gal/acre at 4 mph: 30 gal/acre at 1.98 mph, or four times the pressure.
    expect(target).toMatch(/by speed: 2 mph/)
    expect(target).toMatch(/by pressure: 163 psi\s*outside what nozzles work at/)
    expect(target).toMatch(/by nozzle: size 04/)
  })
})
