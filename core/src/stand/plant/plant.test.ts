import { describe, expect, it } from 'vitest'
import {
  checkStandSize,
  contextNames,
  findPlant,
  plants,
  plantsOf,
  sufficiencyOf,
} from './index.ts'

describe('plants', () => {
  it('offers plants in every context', () => {
    for (const context of contextNames) expect(plantsOf(context).length).toBeGreaterThan(0)
  })

  it('has one record a plant, with a possible pH range', () => {
    expect(new Set(plants.map((plant) => plant.id)).size).toBe(plants.length)
    for (const { pHRange } of plants) expect(pHRange.low).toBeLessThan(pHRange.high)
  })

  it('lists sixty plants and more, at least eight for every kind of stand', () => {
    expect(plants.length).toBeGreaterThanOrEqual(60)
    for (const context of contextNames) expect(plantsOf(context).length).toBeGreaterThanOrEqual(8)
  })

  it('knows of each what its leaves should hold, in ranges that can be', () => {
    for (const plant of plants) {
      for (const nutrient of ['nitrogen', 'magnesium', 'manganese', 'zinc', 'iron'] as const) {
        const { low, high } = sufficiencyOf(plant, nutrient)
        expect(low).toBeGreaterThan(0)
        expect(high).toBeGreaterThan(low)
      }
      expect(plant.source.length).toBeGreaterThan(10)
    }
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
