import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { workingCourse } from '../persistence/index.ts'
import { findIronSource, ironSources } from '../source/index.ts'
import { labelBounds, labelCourse, labelShareBySchools, type Label } from './index.ts'

const labelOf = (
  iron: number,
  sourceIds: Label['sourceIds'],
  more: Partial<Label> = {},
): Label => ({
  totals: { Fe: iron },
  iron,
  sourceIds,
  ingredientIds: [],
  unknownNames: [],
  ...more,
})
const quick = ironSources.filter(({ kind }) => kind !== 'slow').map(({ id }) => id)
const anyIds = fc.uniqueArray(fc.constantFrom(...quick), { minLength: 1, maxLength: 3 })
const anyPH = fc.double({ min: 4, max: 9.5, noNaN: true })
const least = (ids: readonly string[]) =>
  Math.min(...ids.map((id) => findIronSource(id).richest.commercial * 100))

describe('how much of a label works', () => {
  it('lies between the least and the most of its sources', () => {
    fc.assert(
      fc.property(anyIds, anyPH, (ids, pH) => {
        const label = labelOf(least(ids), ids)
        const medium = { pH, doubt: 0.1 }
        const share = labelCourse(label, { route: 'soil', medium }).at(0)
        const alone = ids.map((id) => workingCourse(id, 'soil', medium).at(0))
        expect(share?.low).toBeGreaterThanOrEqual(Math.min(...alone.map(({ low }) => low)) - 1e-6)
        expect(share?.high).toBeLessThanOrEqual(Math.max(...alone.map(({ high }) => high)) + 1e-6)
        expect(share?.low).toBeLessThanOrEqual((share?.usual ?? 0) + 1e-6)
        expect(share?.usual).toBeLessThanOrEqual((share?.high ?? 0) + 1e-6)
      }),
      { numRuns: 60 },
    )
  })

  it('of one source is that source, on any day', () => {
    const medium = { pH: 6.8, doubt: 0.1 }
    const label = labelCourse(labelOf(10, ['fe-dtpa']), { route: 'soil', medium })
    const alone = workingCourse('fe-dtpa', 'soil', medium)
    for (const day of [0, 10, 60]) {
      expect(label.at(day)?.usual).toBeCloseTo(alone.at(day).usual, 6)
      expect(label.mean(day + 1)?.usual).toBeCloseTo(alone.mean(day + 1).usual, 6)
    }
  })

  it('is undefined for a label that cannot be', () => {
    const impossible = labelOf(20, ['fe-eddha'])
    expect(labelBounds(impossible).possible).toBe(false)
    const course = labelCourse(impossible, { route: 'soil', medium: { pH: 7, doubt: 0 } })
    expect(course.at(0)).toBeUndefined()
    expect(labelShareBySchools(impossible, 7)).toBeUndefined()
  })

  it('is wider where the compounds are taken as pure', () => {
    fc.assert(
      fc.property(anyIds, (ids) => {
        const label = labelOf(least(ids), ids)
        const commercial = labelBounds(label)
        const pure = labelBounds(label, { richness: 'pure' })
        if (!commercial.possible || !pure.possible) return
        commercial.sources.forEach((source, index) => {
          expect(pure.sources[index]?.least).toBeLessThanOrEqual(source.least + 1e-6)
          expect(pure.sources[index]?.most).toBeGreaterThanOrEqual(source.most - 1e-6)
        })
      }),
    )
  })
})

describe('by the ceilings of the schools', () => {
  // Common practice: EDTA to pH 6, 6.5 or 7; DTPA to 7 or 7.5; EDDHA past 9; sulfate to 7.
  it.each([
    ['fe-edta', 5.8, 1, 1],
    ['fe-edta', 6.8, 0, 1],
    ['fe-edta', 7.2, 0, 0],
    ['fe-dtpa', 7.3, 0, 1],
    ['fe-eddha', 8.5, 1, 1],
    ['iron-citrate', 5, 0, 0],
    ['ferrous-sulfate', 6.5, 1, 1],
    ['ferrous-sulfate', 7.4, 0, 0],
    ['iron-lignosulfonate', 7, 0, 1],
  ] as const)('%s at pH %d is of use from %d to %d', (id, pH, low, high) => {
    expect(labelShareBySchools(labelOf(5, [id]), pH)).toMatchObject({ low, high })
  })
})
