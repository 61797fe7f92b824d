import { PiniaColada } from '@pinia/colada'
import { mount } from '@vue/test-utils'
import type { PlaceDto } from '@spudder/contract/place'
import { createPinia } from 'pinia'
import { afterEach, expect, it, vi } from 'vitest'
import { eventually } from '../../tests/eventually.ts'
import { choiceOf } from '../../tests/choices.ts'
import StationFile from './StationFile.vue'

afterEach(() => vi.unstubAllGlobals())

const place = { id: 'place', settings: {} } as unknown as PlaceDto
const panelOf = () =>
  mount(StationFile, { props: { place }, global: { plugins: [createPinia(), [PiniaColada, {}]] } })
type Panel = ReturnType<typeof panelOf>
async function bring(panel: Panel, content: BlobPart): Promise<void> {
  const input = panel.find('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [new File([content], 'may.csv')] })
  await input.trigger('change')
}

it('asks which column is what where the headings say too little, keeps it and sends the file again', async () => {
  const said: { method: string; body: string }[] = []
  vi.stubGlobal('fetch', async (_address: string, { method = '', body }: RequestInit) => {
    said.push({ method, body: await new Response(body).text() })
    if (method === 'PATCH') return Response.json(place)
    const fields = [{ field: 'text', message: 'expected a header row' }]
    return said.length === 1
      ? Response.json({ code: 'quantity-unreadable', detail: '', fields }, { status: 400 })
      : Response.json({ dayCount: 1, errors: [], assumed: [] }, { status: 201 })
  })
  const panel = panelOf()
  await bring(panel, 'When,T2m,Regen,FF\n2026-05-31 00:00,50,1,36')
  await eventually(() => expect(panel.text()).toContain('do not say which column is what'))
  const take = panel.get('form button')
  expect(take.attributes('disabled')).toBeDefined()
  for (const [label, value] of [
    ['Day, or day and hour', 'When'],
    ['Temperature', 'T2m'],
    ['Temperature in', 'f'],
    ['Rain', 'Regen'],
    ['Wind', 'FF'],
  ] as const) {
    await choiceOf(panel, label).choose(value)
  }
  await panel.get('form').trigger('submit')
  await eventually(() => expect(panel.text()).toContain('One day taken from may.csv'))
  expect(JSON.parse(said[1]?.body ?? '')).toEqual({
    stationColumns: {
      day: 'When',
      headings: { temperatureC: 'T2m', rainMm: 'Regen', windMPerS: 'FF' },
      units: { temperatureC: 'f' },
    },
  })
  expect(said[2]?.body).toBe(said[0]?.body)
})

it('asks in which order days stand where a file leaves it open, and sends it again with the answer', async () => {
  const sent: { dayOrder?: string; text: string }[] = []
  vi.stubGlobal('fetch', async (address: string, { body }: RequestInit) => {
    const query = Object.fromEntries(new URL(address, 'http://here').searchParams)
    sent.push({ ...query, text: await new Response(body).text() })
    const fields = [{ field: 'dayOrder', message: 'Give the order.' }]
    return query['dayOrder']
      ? Response.json({ dayCount: 1, errors: [], assumed: [] }, { status: 201 })
      : Response.json({ code: 'date-unreadable', detail: '', fields }, { status: 400 })
  })
  const panel = panelOf()
  // A file as an instrument writes it: two bytes a letter.
  const text = 'Time,Rain'
  const bytes = new Uint8Array([...text].flatMap((letter) => [letter.charCodeAt(0), 0]))
  await bring(panel, bytes)
  await eventually(() => expect(panel.text()).toContain('could be read two ways'))
  await panel.find('input[value=mdy]').setValue(true)
  await eventually(() => expect(panel.text()).toContain('One day taken from may.csv'))
  expect(sent).toEqual([
    { fileName: 'may.csv', text },
    { fileName: 'may.csv', text, dayOrder: 'mdy' },
  ])
  expect(panel.text()).not.toContain('could be read two ways')
})
