import { flushPromises } from '@vue/test-utils'
import { addDays } from '@spudder/core/base/calendar'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { today } from '../../shared/units/today.ts'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import { recorded } from '../../tests/recorded.ts'
import PHAndStory from './PHAndStory.vue'
import PhotoShelf from './PhotoShelf.vue'

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

const event = (kind: string, daysBefore: number) =>
  ({
    id: `${kind}${daysBefore}`,
    standId: 'green',
    kind,
    happenedOn: addDays(today(), -daysBefore),
    fromPH: null,
    toPH: null,
    note: '',
    ...recorded,
  }) as never

describe('the story', () => {
  it('says how far each event bears on the leaves that are pale', async () => {
    const story = { events: [event('limed', 60), event('herbicide', 1)] }
    const { panel } = await mountOnStand(PHAndStory, { story })
    expect(panel.text()).toMatch(/limed.*acted on 100 % of the days/)
    expect(panel.text()).toMatch(/herbicide.*says nothing of them/)
  })
})

describe('photos beside the look', () => {
  const drop = async (file: File) => {
    const mounted = await mountOnStand(PhotoShelf)
    const input = mounted.panel.find('input[type=file]')
    Object.defineProperty(input.element, 'files', { value: [file] })
    await input.trigger('change')
    await flushPromises()
    return mounted
  }

  it('are sent as they are, under an id of their own', async () => {
    const { sent } = await drop(new File(['jpeg'], 'leaf 1.jpg', { type: 'image/jpeg' }))
    expect(sent[0]?.path).toMatch(/^\/stands\/green\/photos\?id=[\w-]{36}&fileName=leaf\+1.jpg$/)
    expect(sent[0]?.body).toBeInstanceOf(Blob)
  })

  it('of another kind are refused in words, and not sent', async () => {
    const { panel, sent } = await drop(new File(['gif'], 'leaf.gif', { type: 'image/gif' }))
    expect(panel.find('[role=alert]').text()).toMatch(/leaf.gif: give a JPEG or PNG picture/)
    expect(sent).toEqual([])
  })

  it('stand there with the day that the camera wrote', async () => {
    const photo = {
      id: 'p',
      standId: 'green',
      caseId: null,
      fileName: 'a.jpg',
      takenOn: '2026-06-03',
    }
    const { panel } = await mountOnStand(PhotoShelf, { story: { photos: [photo as never] } })
    expect(panel.find('img').attributes('src')).toBe('/api/photos/p')
    expect(panel.text()).toContain('3 Jun')
  })
})
