import { describe, expect, it } from 'vitest'
import { countedOf } from './facts.ts'

const bed = { kind: 'area', areaM2: 100 } as const
const trees = { kind: 'trunks', count: 4, diameterM: 0.3 } as const

describe('what rates count by', () => {
  it('is the leaf for a spray, where somebody measured it, and the ground for all else', () => {
    expect(countedOf(bed, { canopyM2: 40 }, 'leaf').area).toBe(40)
    expect(countedOf(bed, { canopyM2: 40 }, 'soil').area).toBe(100)
    expect(countedOf(bed, {}, 'leaf').area).toBe(100)
    expect(countedOf(trees, { canopyM2: 60 }, 'leaf').area).toBe(60)
  })

  it('is never more leaf than ground: a slip there would be an overdose', () => {
    expect(countedOf(bed, { canopyM2: 4000 }, 'leaf').area).toBe(100)
    expect(countedOf(trees, { canopyM2: 4000, groundM2: 90 }, 'leaf').area).toBe(90)
  })

  it('is ground, plants and row by spacing, where nothing else is known', () => {
    const spaced = { inRowM: 2, betweenRowsM: 5 }
    expect(countedOf(trees, spaced)).toEqual({ area: 40, plant: 4, row: 8, trunk: 1.2 })
    expect(countedOf(bed, spaced).plant).toBe(10)
  })
})
