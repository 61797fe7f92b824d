import { describe, expect, it } from 'vitest'
import { checkStandSize, contextNames, findPlant, plants, plantsOf } from './index.ts'

describe('plants', () => {
  it('offers plants in every context', () => {
    for (const context of contextNames) expect(plantsOf(context).length).toBeGreaterThan(0)
  })

  it('has one record a plant, with a possible pH range', () => {
    expect(new Set(plants.map((plant) => plant.id)).size).toBe(plants.length)
    for (const { pHRange } of plants) expect(pHRange.low).toBeLessThan(pHRange.high)
  })

  it('names what is wrong with an unknown plant', () => {
    expect(() => findPlant('triffid')).toThrow(/a plant of the list, got triffid/)
  })
})

describe('checkStandSize', () => {
  it('takes a size that suits the context', () => {
    const size = { kind: 'trunks', count: 24, diameterM: 0.25 } as const
    expect(checkStandSize('tree', size)).toBe(size)
  })

  it('refuses an area for a solution loop and a negative area for turf', () => {
    expect(() => checkStandSize('aquaponic', { kind: 'area', areaM2: 40 })).toThrow(/by solution/)
    expect(() => checkStandSize('turf', { kind: 'area', areaM2: -5 })).toThrow(/areaM2: expected/)
  })
})
