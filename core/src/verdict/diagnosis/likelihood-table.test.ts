import { describe, expect, it } from 'vitest'
import { hypothesesOf } from './hypotheses.ts'
import { backgroundChances, featureTable, type Setting } from './likelihood-table.ts'
import type { FeatureName } from './data/features.ts'

const field: Setting = { context: 'row-crop', leaf: 'broad', findings: {} }
const fast: Setting = {
  context: 'hydroponic',
  leaf: 'broad',
  findings: { growth: 'very-fast', onset: 'since-planting' },
}

const chance = (id: string, name: FeatureName, value: string, setting = field) => {
  const column = hypothesesOf(setting.context).findIndex((each) => each.id === id)
  const { values, rows } = featureTable(name, setting)
  return rows[values.indexOf(value)]?.[column] ?? Number.NaN
}
const usual = (name: FeatureName, value: string) =>
  backgroundChances(name, field)[featureTable(name, field).values.indexOf(value)] ?? Number.NaN

const iron = 'iron-tied-up-by-pH'
const hungry = 'nitrogen-short'
const both = `${iron}+${hungry}`

describe('two causes on one plant', () => {
  it('show the signs of either', () => {
    const of = (id: string) => chance(id, 'pattern', 'fine-green-veins')
    expect(of(both)).toBeGreaterThan(of(hungry))
    expect(of(both)).toBeLessThan(of(iron))
    expect(of(both)).toBeCloseTo((of(iron) + of(hungry)) / 2, 9)
  })

  it('need the circumstances of both', () => {
    // Only iron speaks of pH, only nitrogen of the feed: each alone decides.
    expect(chance(both, 'pH', 'strongly-alkaline')).toBeCloseTo(
      chance(iron, 'pH', 'strongly-alkaline'),
      9,
    )
    expect(chance(both, 'feed', 'none')).toBeCloseTo(chance(hungry, 'feed', 'none'), 9)
    // Both speak of wetness: it is likelier than either says where both favour it.
    const roots = 'roots-cannot-take-it-up'
    const lime = 'iron-tied-up-by-bicarbonate'
    const pair = chance(`${lime}+${roots}`, 'wetness', 'wet')
    expect(pair).toBeGreaterThan(chance(lime, 'wetness', 'wet'))
    expect(pair).toBeGreaterThan(chance(roots, 'wetness', 'wet'))
  })

  it('that begin at both ends of a shoot pale it all over, the old leaves in their own way', () => {
    expect(chance(both, 'tier', 'all')).toBeGreaterThan(2 * chance(iron, 'tier', 'all'))
    expect(chance(both, 'oldPattern', 'even-pale')).toBeGreaterThan(
      5 * chance(iron, 'oldPattern', 'even-pale'),
    )
    const sameEnd = `${iron}+manganese-short`
    expect(chance(sameEnd, 'oldPattern', 'even-pale')).toBeCloseTo(
      usual('oldPattern', 'even-pale'),
      9,
    )
  })
})

describe('a cause that says nothing of a feature', () => {
  it('leaves it at its background', () => {
    expect(chance('boron-short', 'fizz', 'strong')).toBeCloseTo(usual('fizz', 'strong'), 9)
    expect(chance('something-else', 'pattern', 'mottle')).toBeCloseTo(usual('pattern', 'mottle'), 9)
  })
})

describe('what people see', () => {
  it('is wrong now and then, so that no finding rules a cause out', () => {
    expect(chance(hungry, 'pattern', 'small-rosetted')).toBeGreaterThan(0)
    expect(chance(iron, 'pH', 'acid')).toBeGreaterThan(0.001)
  })
})

describe('tables of a setting', () => {
  it('know blades, and containers whose ground does not fizz', () => {
    const blade = { ...field, leaf: 'blade' as const }
    expect(chance(iron, 'pattern', 'stripes', blade)).toBeGreaterThan(
      5 * chance(iron, 'pattern', 'stripes'),
    )
    const pots: Setting = { ...field, context: 'container' }
    expect(chance('boron-short', 'fizz', 'none', pots)).toBeGreaterThan(
      chance('boron-short', 'fizz', 'none'),
    )
  })

  it('know the fast plant that was short from the start, and are built once', () => {
    const slow: Setting = { ...fast, findings: {} }
    expect(chance('iron-truly-low', 'tier', 'all', fast)).toBeGreaterThan(
      2 * chance('iron-truly-low', 'tier', 'all', slow),
    )
    expect(featureTable('tier', fast)).toBe(featureTable('tier', fast))
    expect(featureTable('tier', fast)).not.toBe(featureTable('tier', slow))
  })
})
