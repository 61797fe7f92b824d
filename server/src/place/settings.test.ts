import type { PlaceDto } from '@spudder/contract/place'
import { expect, it } from 'vitest'
import { get, newPlace, patch } from '../tests/test-estate.ts'

it('settings change one by one and stay', async () => {
  const { id, settings } = await newPlace()
  expect(settings).toEqual({})
  await patch(`/places/${id}/settings`, { ironSchool: 'high-target' })
  await patch(`/places/${id}/settings`, { kits: ['calcium-20'] })
  const kept = (await get<PlaceDto[]>('/places')).find((each) => each.id === id)
  expect(kept?.settings).toEqual({ ironSchool: 'high-target', kits: ['calcium-20'] })
})
