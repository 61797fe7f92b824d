import { describe, expect, it } from 'vitest'
import { placeUnits } from './index.ts'

// By definition (international yard and pound, 1959; US short ton of 2000 lb).
describe('what people of a place count in', () => {
  it('is by definition what it is in metric', () => {
    const { length, land, mass, crop } = placeUnits.us
    expect(length.inMetric).toBe(0.3048)
    expect(land.inMetric).toBeCloseTo(0.40468564224, 12)
    expect(mass.inMetric).toBeCloseTo(0.45359237, 12)
    expect(crop.inMetric).toBeCloseTo(0.90718474, 12)
  })

  it('is the metric unit itself where that is counted in', () => {
    const { length, land, mass, crop } = placeUnits.metric
    expect([length, land, mass, crop].map(({ inMetric }) => inMetric)).toEqual([1, 1, 1, 1])
  })
})
