import { describe, expect, it } from 'vitest'
import { isNone } from '../../base/reference/index.ts'
import {
  checkSetup,
  deliveryOf,
  dropsOf,
  hasNozzles,
  setupOf,
  sprayerKindNames,
  sprayerKindOf,
} from './index.ts'

const measures = {
  nozzleKind: 'flat-fan',
  nozzleSize: '03',
  nozzleCount: 12,
  spacingM: 0.5,
  pressureBar: 3,
  speedKmPerH: 6,
  ratio: 100,
} as const

describe('every kind of sprayer', () => {
  it.each(sprayerKindNames)('%s is set up with its own measures, and with nothing else', (kind) => {
    const setup = checkSetup(setupOf(kind, 20, measures))
    expect(Object.keys(setup).toSorted()).toEqual(
      ['kind', 'tankL', ...sprayerKindOf(kind).measures].toSorted(),
    )
  })

  it.each(sprayerKindNames)('%s says what is missing of its set-up', (kind) => {
    for (const name of sprayerKindOf(kind).measures) {
      const without = { ...measures, [name]: undefined }
      expect(() => setupOf(kind, 20, without)).toThrow(new RegExp(`^${name}: expected what a `))
    }
  })

  it.each(sprayerKindNames)(
    '%s is calculated by its nozzles, or measured, or says why not',
    (kind) => {
      const setup = setupOf(kind, 20, measures)
      const { calibration } = sprayerKindOf(kind)
      expect(deliveryOf(setup, undefined) !== undefined).toBe(hasNozzles(setup))
      expect(dropsOf(setup) !== undefined).toBe(hasNozzles(setup))
      expect(isNone(calibration) ? calibration.none : calibration).toMatch(/\S/)
    },
  )
})
