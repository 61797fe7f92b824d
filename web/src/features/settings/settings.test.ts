import { practiceDevices } from '@spudder/contract/place'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { choiceOf } from '../../tests/choices.ts'
import { meAt } from '../../tests/me.ts'
import { recorded } from '../../tests/recorded.ts'
import { standRow } from '../../tests/rows.ts'
import SettingsPage from './SettingsPage.vue'

const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', calendarToken: null, settings: { currency: 'GBP' }, ...recorded } // prettier-ignore

async function open() {
  const sent: { path: string; body: Record<string, unknown> }[] = []
  vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    const path = url.replace('/api', '')
    if (method !== 'GET') sent.push({ path, body: JSON.parse(String(body)) as never })
    const planning = { stands: [standRow({ name: 'Bowling green' })], jobs: [], remedies: [], acidPlans: [], entries: [], colours: [] } // prettier-ignore
    const answers: Record<string, unknown> = { '/places': [place], '/me': meAt('place'), '/places/place/planning': planning } // prettier-ignore
    return Promise.resolve(Response.json(answers[path] ?? place))
  })
  const page = mount(SettingsPage, {
    global: { plugins: [createPinia(), [PiniaColada, {}]] },
    attachTo: document.body,
  })
  await flushPromises()
  return { page, sent }
}
async function turnTo(page: VueWrapper, tab: string): Promise<void> {
  await page
    .findAll('[role=tab]')
    .find((each) => each.text() === tab)
    ?.trigger('click')
  await flushPromises()
}

describe('the settings', () => {
  beforeEach(() => localStorage.clear())

  it('of the place: its name, units, money, and how numbers and days are written', async () => {
    const { page, sent } = await open()
    expect(choiceOf(page, 'Money').value).toBe('GBP')
    await choiceOf(page, 'Money').choose('CHF')
    await choiceOf(page, 'Numbers and days').choose('de-DE')
    await choiceOf(page, 'Units shown').choose('metric')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent).toEqual([
      {
        path: '/places/place',
        body: { name: 'Vennlow', unitSystem: 'metric', climate: 'temperate', version: 1 },
      },
      {
        path: '/places/place/settings',
        body: { currency: 'CHF', locale: 'de-DE', version: 1 },
      },
    ])
  })

  it('ask for a name, and send nothing without', async () => {
    const { page, sent } = await open()
    await page.find('.place input:not([role=combobox])').setValue('')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.find('.place [role=alert]').text()).toMatch(/name/i)
    expect(sent).toEqual([])
  })

  it('of the crew are kept, and what cannot be is refused', async () => {
    const { page, sent } = await open()
    await turnTo(page, 'Crew and rules')
    const crew = page.find('.week input')
    await crew.setValue('many')
    await page.find('form.place:has(.week)').trigger('submit')
    expect(sent).toEqual([])
    expect(page.text()).toMatch(/Hours of the crew/)
    await crew.setValue('4')
    await page.find('form.place:has(.week)').trigger('submit')
    await flushPromises()
    expect(sent[0]).toMatchObject({
      path: '/places/place/settings',
      body: { work: { crewHours: [4, 8, 8, 8, 8, 0, 0], tripCost: 20 } },
    })
  })

  it('of a stand are stored as they are ticked', async () => {
    const { page, sent } = await open()
    await turnTo(page, 'Mowing and watering')
    await page.find('tbody input[type=checkbox]').setValue(true)
    await flushPromises()
    expect(sent[0]).toMatchObject({ path: '/stands/green', body: { care: { mowingDays: [1] } } })
  })

  it('switch a simulated device on by itself, and say that its values are made up', async () => {
    const { page, sent } = await open()
    await turnTo(page, 'Practice devices')
    const boxes = page.findAll('.ticks input')
    expect(boxes).toHaveLength(practiceDevices.length)
    expect(boxes.every(({ element }) => !(element as HTMLInputElement).checked)).toBe(true)
    expect(page.text()).toMatch(/laboratory: .*the results in it are made up/)
    await boxes[practiceDevices.indexOf('laboratory')]?.setValue(true)
    await flushPromises()
    expect(sent).toEqual([{ path: '/places/place/settings', body: { practice: ['laboratory'] } }])
  })
})
