import { describe, expect, it } from 'vitest'
import {
  checkLabel,
  labelBounds,
  labelCourse,
  labelShareBySchools,
  readLabelText,
  type Label,
  type ProgrammeOptions,
} from './index.ts'

function labelOf(text: string): Label {
  const { label, problems } = checkLabel(readLabelText(text).draft)
  if (!label) throw new Error(JSON.stringify(problems))
  return label
}

/*
 * An invented label, its bounds worked out by hand: nitrogen 5 from urea 10.87, magnesium 1 from
 * its sulfate 4.95, manganese 2 from its sulfate 6.15, sulfur that these do not bring 4.51: 26.49
 * of 100 g, and x/0.06 + (9 - x)/0.22 fits into the rest.
 */
const blend = labelOf('N 5, Mg 1, S 7, Mn 2, Fe 9 (all chelated by EDDHA, EDTA, citrate)')
const shares = (label: Label, options?: ProgrammeOptions) => {
  const bounds = labelBounds(label, options)
  if (!bounds.possible) throw new Error(bounds.words)
  return Object.fromEntries(
    bounds.sources.map(({ sourceId, leastShare, mostShare }) => [
      sourceId,
      [leastShare, mostShare].map((share) => Number((100 * share).toFixed(1))),
    ]),
  )
}

describe('a blend that names three chelators and one total', () => {
  it('has room for EDDHA in 0 to 29.9 % of its iron', () => {
    const bounds = labelBounds(blend)
    if (!bounds.possible) throw new Error(bounds.words)
    expect(Math.abs(bounds.othersLeastG - 26.49)).toBeLessThan(0.01)
    const eddha = bounds.sources.find(({ sourceId }) => sourceId === 'fe-eddha')
    expect(Math.abs((eddha?.most ?? 0) - 2.69)).toBeLessThan(0.005)
    expect(shares(blend)).toEqual({
      'fe-eddha': [0, 29.9],
      'fe-edta': [0, 100],
      'iron-citrate': [0, 100],
    })
  })

  it('has less where all its sulfur is from sulfates', () => {
    expect(shares(blend, { sulfurFrom: 'sulfates' })).toEqual({
      'fe-eddha': [0, 24.8],
      'fe-edta': [0, 95.6],
      'iron-citrate': [4.4, 100],
    })
  })

  it('has more if the chelates are as rich as the pure compounds', () => {
    const pure = shares(blend, { richness: 'pure' })
    expect(pure['fe-eddha']?.[1]).toBeGreaterThan(29.9)
    expect(pure['fe-eddha']?.[1]).toBeLessThanOrEqual(100)
  })

  it('without the other nutrients has room for EDDHA in 54.2 %', () => {
    const bare = labelOf('Fe 9, all chelated by EDDHA, EDTA, citrate')
    expect(shares(bare)['fe-eddha']).toEqual([0, 54.2])
  })

  it('at pH 7.6 works better on the leaf than in the soil', () => {
    const medium = { pH: 7.6, doubt: 0.1 }
    const soil = labelCourse(blend, { route: 'soil', medium }).at(0)
    const leaf = labelCourse(blend, { route: 'leaf', medium }).at(0)
    expect(leaf?.usual).toBeGreaterThan(2 * (soil?.usual ?? 1))
    // In soil no more can survive than there can be EDDHA, and a trace of EDTA.
    expect(soil?.high).toBeLessThan(0.34)
    expect(soil?.low).toBeLessThan(0.01)
    expect(labelShareBySchools(blend, 7.6)?.high).toBeLessThan(0.3)
  })
})

describe('a label whose iron is chelated in part only', () => {
  const label = labelOf('Fe 9, of which 2 chelated by EDTA')

  it('is mostly salt', () => {
    expect(shares(label)).toEqual({ 'fe-edta': [22.2, 22.2], 'ferrous-sulfate': [77.8, 77.8] })
  })

  it('is so whether or not the label names its sources', () => {
    const bounds = labelBounds(labelOf('Fe 9, of which 2 chelated'))
    if (!bounds.possible) throw new Error(bounds.words)
    expect(bounds.openLeastShare).toBeCloseTo(7 / 9, 6)
    const whole = labelBounds(blend)
    expect(whole.possible && whole.openLeastShare).toBe(0)
  })

  it('in three parts leaves the rest as what does not dissolve', () => {
    const parted = labelOf(
      'Iron (Fe) 9 %\n3% Chelated iron\n6% Water soluble iron\nDerived from: EDTA',
    )
    expect(shares(parted)).toEqual({
      'fe-edta': [33.3, 33.3],
      'ferrous-sulfate': [33.3, 33.3],
      'iron-oxide': [33.3, 33.3],
    })
  })

  it('with the ortho-ortho share declared takes that and no more at high pH', () => {
    const declared = labelOf('Fe 6 all chelated by EDDHA, ortho-ortho iron 4.8')
    expect(declared.orthoOrtho).toBe(4.8)
    const share = labelCourse(declared, { route: 'soil', medium: { pH: 8.8, doubt: 0 } }).at(0)
    expect(Math.abs((share?.usual ?? 0) - 0.8)).toBeLessThan(0.02)
  })
})

describe('figures that a label rounds', () => {
  it('may come to a little over 100 g: 6 % of EDDHA with a trace of nitrogen', () => {
    expect(labelBounds(labelOf('Fe 6 all chelated by EDDHA')).possible).toBe(true)
    expect(labelBounds(labelOf('Fe 6, N 0.2 all chelated by EDDHA')).possible).toBe(true)
    expect(labelBounds(labelOf('Fe 6, N 3, all chelated by EDDHA')).possible).toBe(false)
  })
})

describe('a label that cannot be', () => {
  it.each([
    ['Fe 9 all chelated by EDDHA', 'Fe', /9 % iron cannot be: .* at most 6 % fits/],
    ['N 40, S 30, Fe 6 from urea', 'derivedFrom', /other nutrients alone take/],
    ['Fe 9, of which 8 chelated by EDDHA', 'chelated', /at most/],
  ])('%s: is told which figure, %s', (text, field, words) => {
    const found = labelBounds(labelOf(text))
    expect(found).toMatchObject({ possible: false, field })
    if (!found.possible) expect(found.words).toMatch(words)
  })
})
