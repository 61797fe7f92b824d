import { describe, expect, it } from 'vitest'
import {
  candidateOfProduct,
  candidateOfSource,
  catalogueCandidates,
  courseOf,
  type ShelfCandidateInput,
} from './index.ts'

const label = {
  totals: { Fe: 9, N: 5, Mn: 2 },
  iron: 9,
  chelated: 9,
  sourceIds: ['fe-eddha', 'fe-edta'],
  ingredientIds: [],
  unknownNames: [],
} satisfies ShelfCandidateInput['label']
const pail = { id: 'pail', name: 'Pail', sourceId: 'fe-edta', label } as const

describe('a candidate', () => {
  it('of the catalogue has the content and the price of its form', () => {
    const { label: own, pricePerKg, origin } = candidateOfSource('fe-dtpa')
    expect(own.iron).toBe(10)
    expect(pricePerKg).toMatchObject({ usual: 18, mark: 'J' })
    expect(origin).toBe('catalogue')
    expect(catalogueCandidates().every(({ source }) => source.kind !== 'slow')).toBe(true)
  })

  it('of the shelf has those of its label and bill, and what comes along', () => {
    const candidate = candidateOfProduct({ ...pail, pack: { price: 62, kg: 4 } })
    expect(candidate.pricePerKg).toMatchObject({ low: 15.5, usual: 15.5, high: 15.5, mark: 'D' })
    expect(candidate.nitrogenShare).toBeCloseTo(0.05, 12)
    expect(candidate.micronutrients).toMatchObject({ Mn: 0.02, Zn: 0, Cu: 0 })
    expect(candidate.origin).toBe('shelf')
  })

  it('brings the nitrogen of its form where no label says more', () => {
    expect(candidateOfSource('ferrous-ammonium-sulfate').nitrogenShare).toBeCloseTo(0.0714, 4)
    expect(candidateOfSource('ferrous-sulfate').nitrogenShare).toBe(0)
  })

  it('of an impossible label works nowhere', () => {
    const impossible = candidateOfProduct({
      ...pail,
      label: { ...label, totals: { Fe: 40 }, iron: 40, chelated: 40 },
    })
    const course = courseOf(impossible, 'soil', { pH: 7, doubt: 0.1 })
    expect(course.at(0)).toEqual({ low: 0, usual: 0, high: 0 })
    expect(course.mean(30)).toEqual({ low: 0, usual: 0, high: 0 })
  })

  it('whose label is silent on isomers is as uncertain as the trade', () => {
    const at = (orthoOrtho?: number) =>
      courseOf(
        candidateOfProduct({
          ...pail,
          sourceId: 'fe-eddha',
          label: {
            totals: { Fe: 6 },
            iron: 6,
            sourceIds: ['fe-eddha'],
            ingredientIds: [],
            unknownNames: [],
            ...(orthoOrtho === undefined ? {} : { orthoOrtho }),
          },
        }),
        'soil',
        { pH: 8.6, doubt: 0 },
      ).at(0)
    expect(at().high - at().low).toBeGreaterThan(0.4)
    expect(at(4.8).high - at(4.8).low).toBeLessThan(0.02)
    expect(at(4.8).usual).toBeCloseTo(0.8, 1)
  })
})
