import { PiniaColada } from '@pinia/colada'
import { mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, expect, it, vi } from 'vitest'
import { eventually } from '../../tests/eventually.ts'
import StationFile from './StationFile.vue'

afterEach(() => vi.unstubAllGlobals())

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
  const panel = mount(StationFile, {
    props: { placeId: 'place' },
    global: { plugins: [createPinia(), [PiniaColada, {}]] },
  })
  const input = panel.find('input[type=file]')
  // A file as an instrument writes it: two bytes a letter.
  const text = 'Time,Rain'
  const bytes = new Uint8Array([...text].flatMap((letter) => [letter.charCodeAt(0), 0]))
  Object.defineProperty(input.element, 'files', { value: [new File([bytes], 'may.csv')] })
  await input.trigger('change')
  await eventually(() => expect(panel.text()).toContain('could be read two ways'))
  await panel.find('input[value=mdy]').setValue(true)
  await eventually(() => expect(panel.text()).toContain('One day taken from may.csv'))
  expect(sent).toEqual([
    { fileName: 'may.csv', text },
    { fileName: 'may.csv', text, dayOrder: 'mdy' },
  ])
  expect(panel.text()).not.toContain('could be read two ways')
})
