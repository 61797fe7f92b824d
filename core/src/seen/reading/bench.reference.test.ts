import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CoreError } from '../../base/error/index.ts'
import {
  calciumAsHardness,
  calibrate,
  hardnessAsCalcium,
  magnesiumFrom,
  pHOfMillivolts,
  readDrops,
} from './index.ts'

const hardness = (drops: number) => readDrops('hardness-degrees', drops)
const calcium = (drops: number) => readDrops('calcium-degrees', drops)

describe('drop kits (1 °dH = 17.848 mg/L as CaCO3, derived from CaO)', () => {
  it('KH 5, GH 31 and calcium 17 drops are 89, 553 and 303 mg/L as CaCO3, 121 mg/L Ca', () => {
    expect(readDrops('alkalinity-degrees', 5).value).toBeCloseTo(89.24, 2)
    expect(hardness(31).value).toBeCloseTo(553.3, 1)
    expect(calcium(17).value).toBeCloseTo(303.4, 1)
    expect(hardnessAsCalcium(calcium(17)).value).toBeCloseTo(121.5, 1)
  })

  it('one drop of doubt is half to one drop', () => {
    const perDrop = hardness(1).value
    expect(hardness(31).doubt / perDrop).toBeGreaterThan(0.5)
    expect(hardness(31).doubt / perDrop).toBeLessThan(1)
  })

  it('refuses a count below nothing', () => {
    expect(() => hardness(-1)).toThrow(CoreError)
  })
})

describe('magnesium from hardness (24.305/100.087, IUPAC masses)', () => {
  it.each([
    [31, 17, 60.7],
    [14, 9, 21.7],
  ])('%d and %d drops leave %f mg/L', (total, ofCalcium, mg) => {
    const read = magnesiumFrom(hardness(total), calcium(ofCalcium))
    expect(read.value).toBeCloseTo(mg, 1)
    expect(read.doubt).toBeCloseTo(4.33, 2)
    expect(read.isResolved).toBe(true)
    expect(read.words).toBe(`${mg} ± 4.3 mg/L`)
  })

  it('total 250 with calcium 60 mg/L leaves 24.32', () => {
    const read = magnesiumFrom({ value: 250, doubt: 5 }, calciumAsHardness({ value: 60, doubt: 1 }))
    expect(read.value).toBeCloseTo(24.32, 2)
  })

  it('6 and 7 drops are below what the kits resolve, 0 to 4.3, never negative', () => {
    const read = magnesiumFrom(hardness(6), calcium(7))
    expect(read.value).toBe(0)
    expect(read.words).toBe('0 to 4.3 mg/L, below what the kits resolve')
  })

  it('refuses calcium over the total, with the reason', () => {
    expect(() => magnesiumFrom(hardness(17), calcium(31))).toThrow(/calcium is a part of it: count/)
  })
})

describe('a pH meter (Nernst: 59.16 mV for one pH at 25 °C)', () => {
  it('with an ideal electrode has a slope of 100 %', () => {
    const { slopePercent, offsetMillivolts, isFit } = calibrate(
      { bufferPH: 7, millivolts: 0 },
      { bufferPH: 4, millivolts: 177.48 },
    )
    expect(slopePercent).toBeCloseTo(100, 1)
    expect(offsetMillivolts).toBeCloseTo(0, 6)
    expect(isFit).toBe(true)
  })

  it('is not fit at 88 %, nor 40 mV off, and says what to do', () => {
    const at = (share: number, off: number) =>
      calibrate({ bufferPH: 7, millivolts: off }, { bufferPH: 4, millivolts: off + 177.48 * share })
    expect(at(0.88, 0)).toMatchObject({ isFit: false })
    expect(at(0.88, 0).advice).toMatch(/fresh buffers/)
    expect(at(0.98, 40).advice).toMatch(/clean the electrode/)
  })

  it('reads the buffers that it was calibrated with as what they are', () => {
    const millivolts = fc.double({ min: -100, max: 100, noNaN: true })
    const share = fc.double({ min: 0.5, max: 1.2, noNaN: true })
    fc.assert(
      fc.property(millivolts, share, (off, slope) => {
        const second = { bufferPH: 10, millivolts: off - 177.48 * slope }
        const calibration = calibrate({ bufferPH: 7, millivolts: off }, second)
        expect(pHOfMillivolts(off, calibration)).toBeCloseTo(7, 9)
        expect(pHOfMillivolts(second.millivolts, calibration)).toBeCloseTo(10, 9)
      }),
    )
  })

  it('needs two buffers that differ', () => {
    const one = { bufferPH: 7, millivolts: 0 }
    expect(() => calibrate(one, one)).toThrow(/distance between the buffers/)
  })
})
