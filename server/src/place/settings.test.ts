import type { PlaceDto } from '@spudder/contract/place'
import { expect, it } from 'vitest'
import { get, newId, newPlace, patch, post, refused } from '../tests/test-estate.ts'

it('settings change one by one and stay', async () => {
  const { id, settings } = await newPlace()
  expect(settings).toEqual({})
  await patch(`/places/${id}/settings`, { ironSchool: 'high-target' })
  await patch(`/places/${id}/settings`, { kits: ['calcium-20'] })
  const kept = (await get<PlaceDto[]>('/places')).find((each) => each.id === id)
  expect(kept?.settings).toEqual({ ironSchool: 'high-target', kits: ['calcium-20'] })
})

it('a place may say from the start where on earth it lies, and need not', async () => {
  const place = { name: 'South field', unitSystem: 'metric', climate: 'temperate' }
  const { settings } = await post<PlaceDto>('/places', { id: newId(), ...place, latitude: -38 })
  expect(settings).toEqual({ latitude: -38 })
  await refused('post', '/places', { id: newId(), ...place, latitude: 91 }, 400)
})

it('a place is renamed and counts in other units, and nothing else of it moves', async () => {
  const { id, climate } = await newPlace()
  await patch(`/places/${id}/settings`, { currency: 'CHF' })
  await patch(`/places/${id}`, { name: 'Lower Vennlow', unitSystem: 'metric' })
  const kept = (await get<PlaceDto[]>('/places')).find((each) => each.id === id)
  expect(kept).toMatchObject({
    name: 'Lower Vennlow',
    unitSystem: 'metric',
    climate,
    settings: { currency: 'CHF' },
    changedBy: 'Tess Marlow',
  })
  await refused('patch', `/places/${id}`, { unitSystem: 'furlongs' }, 400)
})
