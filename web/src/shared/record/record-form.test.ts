import { meAt } from '../../tests/me.ts'
import { today } from '../units/today.ts'
import 'fake-indexeddb/auto'
import { PiniaColada } from '@pinia/colada'
import { clear, createStore } from 'idb-keyval'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { carryBy } from '../../api/carrier.ts'
import { useOutbox } from '../../offline/outbox.ts'
import { eventually } from '../../tests/eventually.ts'
import { outdoors } from '../../tests/outdoors.ts'
import { jobRow } from '../../tests/rows.ts'
import { plannedOf } from './record-draft.ts'
import RecordForm from './RecordForm.vue'

const planned = {
  productKg: 2,
  waterL: 100,
  lot: 'S-2214',
  equipment: 'Boom',
  name: 'Ferrous sulfate',
  productId: null,
  contentShare: 0.2,
  partners: [{ kindId: 'urea', name: 'Urea', dose: '4 oz' }],
}
const problem = { code: 'conflict', detail: 'This job is already done, by Ona Birch.', fields: [] }

function open(answer: () => Promise<Response>) {
  const sent: Record<string, unknown>[] = []
  vi.stubGlobal('fetch', (_url: string, { body }: RequestInit = {}) => {
    if (_url.endsWith('/me')) return Promise.resolve(Response.json(meAt('place')))
    // Stand and shelf are not to be had here: the record is what it is without them.
    if (typeof body !== 'string') return Promise.resolve(Response.json({}, { status: 404 }))
    sent.push(JSON.parse(body) as Record<string, unknown>)
    return answer()
  })
  const pinia = createPinia()
  const job = jobRow({ id: crypto.randomUUID(), dueOn: today() })
  outdoors(pinia, [job])
  const form = mount(RecordForm, {
    props: { job, planned, system: 'us' },
    global: { plugins: [pinia, [PiniaColada, {}]] },
  })
  const field = (label: string) =>
    form
      .findAll('.field')
      .find((each) => each.find('label').text() === label)
      ?.find('input')
  const press = async () => {
    await form.find('form').trigger('submit')
    await flushPromises()
    await eventually(() => expect(form.find('.ant-btn-loading').exists()).toBe(false))
    await flushPromises()
  }
  return { form, sent, field, press, outbox: useOutbox(pinia) }
}
const stored = () => Promise.resolve(Response.json({}, { status: 201 }))
afterEach(() => carryBy(undefined))
beforeEach(async () => {
  await clear(createStore('spudder-outbox', 'entries'))
  localStorage.clear()
  vi.unstubAllGlobals()
})

describe('a record', () => {
  it('is stored as planned in one press, exactly, with lot, sprayer and partners', async () => {
    const { form, sent, press } = open(stored)
    await press()
    expect(sent[0]).toMatchObject({
      productKg: 2,
      waterL: 100,
      lot: 'S-2214',
      equipment: 'Boom',
      partners: planned.partners,
    })
    expect(sent[0]).not.toHaveProperty('weather')
    expect(form.emitted('stored')).toEqual([[true]])
  })

  it('takes what was different, weather of the spot in units of the place, and who, for next time', async () => {
    const { sent, field, press } = open(stored)
    await field('Product used')?.setValue('3 lb')
    await field('Begun at')?.setValue('06:30')
    await field('Who did it')?.setValue('Ines')
    await field('Air, °F')?.setValue('50')
    await field('Wind, mph')?.setValue('10')
    await press()
    expect(sent[0]).toMatchObject({ startedAt: '06:30', worker: 'Ines' })
    expect(sent[0]?.['productKg']).toBeCloseTo(3 * 0.45359237, 9)
    const weather = sent[0]?.['weather'] as { temperatureC: number; windMPerS: number }
    expect(weather.temperatureC).toBeCloseTo(10, 9)
    expect(weather.windMPerS).toBeCloseTo(4.4704, 9)
    expect(open(stored).field('Who did it')?.element.value).toBe('Ines')
  })

  it('says what cannot be beside its field and sends nothing', async () => {
    const { form, sent, field, press } = open(stored)
    await field('Ended at')?.setValue('noon')
    await press()
    expect(form.text()).toMatch(/Ended at: give a time such as 06:30/)
    expect(sent).toEqual([])
  })

  it('asks how the tank came out, and records what really went out with why', async () => {
    const { form, sent, field, press } = open(stored)
    const choose = (words: string) =>
      form
        .findAll('label.ant-radio-button-wrapper')
        .find((each) => each.text() === words)
        ?.find('input')
        .setValue(true)
    await choose('some left')
    await field('Left in the tank')?.setValue('12 L')
    expect(form.text()).toMatch(/Went out at 88 % of the planned rate.*More than 10 % off/)
    expect(form.text()).toContain('never down a drain')
    await press()
    expect(sent[0]?.['waterL']).toBeCloseTo(88, 0)
    expect(sent[0]?.['productKg']).toBeCloseTo(1.76, 1)
    expect(sent[0]?.['note']).toMatch(/left: walked or drove faster; 88 % of the planned rate\./)
  })

  it('without signal waits on the device', async () => {
    const { form, press, outbox } = open(() => Promise.reject(new TypeError('failed')))
    await press()
    await eventually(() => expect(outbox.waiting).toHaveLength(1))
    await eventually(() => expect(form.emitted('stored')).toEqual([[false]]))
    expect(outbox.waiting[0]?.title).toBe('Record: Ferrous sulfate')
    await outbox.forget(outbox.waiting[0]?.id ?? '')
  })

  it('that a server in trouble did not take waits too, and what it refused is opened and put right', async () => {
    let answer = () => Promise.resolve(new Response('', { status: 503 }))
    const { form, sent, field, press, outbox } = open(() => answer())
    await field('Note')?.setValue('Dew was gone.')
    await press()
    await eventually(() => expect(outbox.waiting).toHaveLength(1))
    answer = () =>
      Promise.resolve(
        Response.json({ code: 'invalid-body', detail: 'Done on: give a day up to today.', fields: [] }, { status: 400 }), // prettier-ignore
      )
    await outbox.flush(true)
    await eventually(() => expect(form.text()).toMatch(/It was not stored: .*up to today/))
    await form
      .findAll('button')
      .find((each) => each.text() === 'Put it right')
      ?.trigger('click')
    expect(field('Note')?.element.value).toBe('Dew was gone.')
    answer = stored
    await field('Note')?.setValue('Dew was gone, on the 14th.')
    await press()
    await eventually(() => expect(outbox.items).toEqual([]))
    expect(sent.at(-1)).toMatchObject({ id: sent[0]?.['id'], note: 'Dew was gone, on the 14th.' })
  })

  it('that somebody else made first is told so, once and clearly; what was typed stays', async () => {
    const { form, field, press, outbox } = open(() =>
      Promise.resolve(Response.json(problem, { status: 409 })),
    )
    await field('Note')?.setValue('Dew was gone.')
    await press()
    expect(form.text()).toMatch(
      /Somebody was there before you\. This job is already done, by Ona Birch\./,
    )
    expect(field('Note')?.element.value).toBe('Dew was gone.')
    expect(outbox.items).toEqual([])
  })
})

it('plannedOf takes lot and sprayer from shelf and shed, and leaves what goes out apart', () => {
  const remedy = { productId: 'p', sprayerId: 's', productKg: 4, carrierL: 40, partners: [{ kindId: 'urea', name: 'Urea', dose: '' }, { kindId: 'grub', name: 'Grub', dose: '', isApart: true }] } as never // prettier-ignore
  const from = { products: [{ id: 'p', lot: 'L' }], sprayers: [{ id: 's', name: 'Boom' }] } as never
  expect(plannedOf(jobRow({ share: 0.5 }), remedy, from)).toEqual({
    productKg: 2,
    waterL: 20,
    lot: 'L',
    equipment: 'Boom',
    name: 'Ferrous sulfate, spray grade',
    productId: 'p',
    contentShare: undefined,
    partners: [{ kindId: 'urea', name: 'Urea', dose: '' }],
  })
})
