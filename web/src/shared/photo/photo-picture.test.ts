import 'fake-indexeddb/auto'
import { PiniaColada } from '@pinia/colada'
import { photoRoutes } from '@spudder/contract/photo'
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { carryBy } from '../../api/carrier.ts'
import { photoBytes } from '../../api/photos.ts'
import { useOutbox } from '../../offline/outbox.ts'
import { outdoors } from '../../tests/outdoors.ts'
import PhotoPicture from './PhotoPicture.vue'

const given = new Map<string, Blob>()

beforeEach(() => {
  vi.stubGlobal('fetch', vi.fn(() => Promise.reject(new TypeError('failed')))) // prettier-ignore
  vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
    given.set('blob:own', blob as Blob)
    return 'blob:own'
  })
  vi.spyOn(URL, 'revokeObjectURL').mockImplementation((address) => void given.delete(address))
})
afterEach(() => {
  carryBy(undefined)
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})

it('a photo is shown from this device while it waits here, and from the server once it is there', async () => {
  const pinia = createPinia()
  setActivePinia(pinia)
  const { carrier } = outdoors(pinia, [])
  const picture = new Blob(['leaf'], { type: 'image/jpeg' })
  const query = { id: 'photo', fileName: 'leaf.jpg' }
  await carrier.carry(photoRoutes.keep, { standId: 'green', query, dto: picture }, { changeId: 'change' }) // prettier-ignore

  const shown = mount(PhotoPicture, {
    props: { photoId: 'photo', words: 'Photo leaf.jpg' },
    global: { plugins: [pinia, [PiniaColada, {}]] },
  })
  await vi.waitFor(() => expect(shown.attributes('src')).toBe('blob:own'))
  expect(await given.get('blob:own')?.text()).toBe('leaf')
  expect(await (await photoBytes('photo'))?.text()).toBe('leaf')

  vi.stubGlobal('fetch', vi.fn(() => Promise.resolve(Response.json({ id: 'photo' })))) // prettier-ignore
  await useOutbox().flush(true)
  await vi.waitFor(() => expect(shown.attributes('src')).toBe('/api/photos/photo'))
  expect(given.size).toBe(0)
})
