import { describe, expect, it } from 'vitest'
import { questionsAbout, schoolsSideBySide, type Reading } from './index.ts'

const reading = (kind: Reading['kind'], value: number, more: Partial<Reading> = {}): Reading => ({
  kind,
  value,
  method: 'meter',
  takenOn: '2026-06-01',
  ...more,
})
const asked = (each: Reading, before: readonly Reading[] = []) =>
  questionsAbout(each, before).map(({ question }) => question)

describe('what is asked before a reading is kept', () => {
  it('nothing, of a usual value', () => {
    expect(asked(reading('ecSolution', 1.8))).toEqual([])
    expect(asked(reading('pH', 7.8), [reading('pH', 7.6)])).toEqual([])
  })

  it('whether an EC of 1800 was in µS/cm, and what it is then', () => {
    const [first] = questionsAbout(reading('ecSolution', 1800), [])
    expect(first?.question).toMatch(/Was it read in µS\/cm\? Then it is 1.8 dS\/m/)
    expect(first?.instead).toBeCloseTo(1.8, 9)
  })

  it('whether a leaf nitrogen of 32 was in g/kg', () => {
    expect(asked(reading('tissueNitrogen', 9.8))[0]).toMatch(/0.98 %/)
  })

  it.each([
    ['ecPaste', 2400, 2.4, /µS\/cm/],
    ['ecPourThrough', 950, 0.95, /µS\/cm/],
    ['tissuePotassium', 18, 1.8, /g\/kg/],
    ['tissueMagnesium', 3200, 0.32, /mg\/kg/],
    ['calciumCarbonate', 94, 9.4, /g\/kg/],
  ] as const)('whether a %s of %d was meant as %d', (kind, value, instead, unit) => {
    const [first] = questionsAbout(reading(kind, value), [])
    expect(first?.instead).toBeCloseTo(instead, 9)
    expect(first?.question).toMatch(unit)
  })

  it('changes nothing by itself: the reading is asked about, not mended', () => {
    const given = reading('ecSolution', 1800)
    questionsAbout(given, [])
    expect(given.value).toBe(1800)
  })

  it('whether a value out of the ordinary is so', () => {
    expect(asked(reading('pH', 3.1))[0]).toMatch(/out of the ordinary \(4 to 9\)/)
  })

  it('whether one far from the last is of the same place; sick and healthy are apart', () => {
    const before = [reading('pH', 5.8, { takenOn: '2026-05-30', place: 'sick' })]
    expect(asked(reading('pH', 7.9, { place: 'sick' }), before)[0]).toMatch(/last one was 5.8/)
    expect(asked(reading('pH', 7.9, { place: 'healthy' }), before)).toEqual([])
  })
})

describe('three schools of DTPA iron (Lindsay & Norvell 1978, and practice)', () => {
  const says = (iron: number, manganese?: number) =>
    schoolsSideBySide(iron, manganese).map(({ says: each }) => each)

  it.each([
    [2, undefined, ['low', 'low', 'low']],
    [4.7, undefined, ['enough', 'marginal', 'low']],
    [30, 12, ['enough', 'enough', 'enough']],
    [30, 45, ['enough', 'enough', 'marginal']],
  ] as const)('%d mg/kg with manganese %s reads %j', (iron, manganese, expected) => {
    expect(says(iron, manganese)).toEqual(expected)
  })
})
