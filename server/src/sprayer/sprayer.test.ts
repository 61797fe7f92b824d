import type { SprayerDto } from '@spudder/contract/sprayer'
import { describe, expect, it } from 'vitest'
import { get, newPlace, patch, post, refused, sprayerBody } from '../tests/test-estate.ts'

async function newSprayer() {
  const { id: placeId } = await newPlace()
  const sprayer = await post<SprayerDto>(`/places/${placeId}/sprayers`, sprayerBody())
  return { placeId, sprayer }
}
const calibration = { measuredOn: '2025-05-02', rateLPerM2: 0.03, how: 'caught over 90 m²' }

describe('a sprayer', () => {
  it('is kept with its set-up, and uncalibrated at first', async () => {
    const { placeId, sprayer } = await newSprayer()
    expect(sprayer).toMatchObject({ setup: sprayerBody().setup, calibration: null })
    expect(await get<SprayerDto[]>(`/places/${placeId}/sprayers`)).toEqual([sprayer])
  })

  it('keeps what was measured until it is set up anew', async () => {
    const { sprayer } = await newSprayer()
    const path = `/sprayers/${sprayer.id}`
    expect((await patch<SprayerDto>(path, { calibration })).calibration).toEqual(calibration)
    expect((await patch<SprayerDto>(path, { name: 'Boom' })).calibration).toEqual(calibration)
    const setup = { ...sprayerBody().setup, pressureBar: 4 }
    expect((await patch<SprayerDto>(path, { setup })).calibration).toBeNull()
  })

  it('sent twice is stored once', async () => {
    const { id: placeId } = await newPlace()
    const body = sprayerBody()
    await post(`/places/${placeId}/sprayers`, body)
    await post(`/places/${placeId}/sprayers`, body)
    expect(await get<SprayerDto[]>(`/places/${placeId}/sprayers`)).toHaveLength(1)
  })

  it.each([
    [{ speedKmPerH: 0 }, /Speed: give a number from 0.3 to 40 km\/h/],
    [{ tankL: 0 }, /Tank: give a number from 0.1/],
    [{ nozzleSize: '07' }, /Nozzle size: choose one of 01/],
    [{ spacingM: 0.1, speedKmPerH: 0.3, pressureBar: 0 }, /Pressure: give/],
  ])('is refused with %j', async (change, message) => {
    const { id: placeId } = await newPlace()
    const { setup, ...rest } = sprayerBody()
    const body = { ...rest, setup: { ...setup, ...change } }
    expect((await refused('post', `/places/${placeId}/sprayers`, body, 400)).detail).toMatch(
      message,
    )
  })
})
