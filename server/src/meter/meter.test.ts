import type { MeterReadingDto } from '@spudder/contract/meter'
import type { ProblemDto } from '@spudder/contract/problem'
import { calibrate, pHOfMillivolts } from '@spudder/core/seen/reading'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, get, newStand, post, practiseAt, readingBody } from '../tests/test-estate.ts'

describe('the pH meter', () => {
  // Its electrode wears with the weeks: on this day it is fresh.
  beforeEach(() => {
    vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-06-20T08:00:00Z') })
  })
  afterEach(() => {
    vi.useRealTimers()
  })

  it('calibrated in two buffers reads about the pH last known of the stand', async () => {
    const { id, placeId } = await newStand()
    await post(`/stands/${id}/readings`, { ...readingBody(), kind: 'pH', value: 7.6 })
    // Off in a place of people's own until they switch it on.
    for (const path of ['meter?in=sample', 'leaf-meter']) {
      const { status, body } = await api.get(`/api/stands/${id}/${path}`)
      expect([status, (body as ProblemDto).code], path).toEqual([409, 'practice-off'])
    }
    await practiseAt(placeId)
    const read = (where: string) => get<MeterReadingDto>(`/stands/${id}/meter?in=${where}`)
    const [seven, four, sample] = [
      await read('buffer-7'),
      await read('buffer-4'),
      await read('sample'),
    ]
    expect(sample.device).toMatch(/simulated/)
    const calibration = calibrate(
      { bufferPH: 7, millivolts: seven.millivolts },
      { bufferPH: 4.01, millivolts: four.millivolts },
    )
    expect(calibration.isFit).toBe(true)
    expect(Math.abs(pHOfMillivolts(sample.millivolts, calibration) - 7.6)).toBeLessThan(0.6)
  })

  it('is not put into anything else', async () => {
    const { id } = await newStand()
    expect((await api.get(`/api/stands/${id}/meter?in=tea`)).status).toBe(400)
  })
})
