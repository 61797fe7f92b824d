import { describe, expect, it } from 'vitest'
import { contextNames, plants } from '../../../stand/plant/index.ts'
import { allCauses, causesOf, storyEventKinds } from '../index.ts'
import { hypothesesOf } from '../hypotheses.ts'
import { backgroundChances, featureTable, type Setting } from '../likelihood-table.ts'
import { lookAt, shareOf } from '../tests/look-at.ts'
import { background } from './background.ts'
import { correlates, featureNames, featureOf, type FeatureName } from './features.ts'
import { families, commonPairs } from './pairs.ts'
import { pHBands } from './pH-bands.ts'

const settings = contextNames.flatMap((context) =>
  (['blade', 'frond', 'broad'] as const).map((leaf): Setting => ({ context, leaf, findings: {} })),
)
const spoken = (cause: (typeof allCauses)[number]) => [
  ...Object.entries(cause.signs),
  ...Object.values(cause.signsOn ?? {}).flatMap((signs) => Object.entries(signs)),
  ...Object.entries(cause.times),
  ...(cause.signsWhen ?? []).map(({ feature, frequencies }) => [feature, frequencies] as const),
]

describe('the table of causes', () => {
  it('has at least fifteen for every kind of stand, each with an id of its own', () => {
    for (const context of contextNames) {
      const ids = causesOf(context).map(({ id }) => id)
      expect(ids.length).toBeGreaterThanOrEqual(15)
      expect(new Set(ids).size).toBe(ids.length)
    }
  })

  it.each(allCauses.map((cause) => [cause.id, cause] as const))(
    '%s weighs only values that exist, and gives reasons only for what it weighs',
    (_, cause) => {
      for (const [name, table] of spoken(cause)) {
        const values = new Set([...Object.keys(featureOf(name as FeatureName).values), 'otherwise'])
        for (const [value, weight] of Object.entries(table)) {
          expect(values, `${name} of ${cause.id}`).toContain(value)
          expect(weight).toBeGreaterThan(0)
        }
      }
      const weighed = spoken(cause).map(([name]) => name)
      expect(weighed).toEqual(expect.arrayContaining(Object.keys(cause.because)))
      for (const event of Object.keys(cause.events ?? {})) expect(storyEventKinds).toContain(event)
      expect(cause.mechanism).toMatch(/^[A-Z].*[.]$/)
      expect(cause.source.length).toBeGreaterThan(10)
    },
  )

  it('gives every value of every feature a chance under every hypothesis, adding up to one', () => {
    for (const setting of settings) {
      for (const name of featureNames) {
        const { rows } = featureTable(name, setting)
        const columns = hypothesesOf(setting.context).map((_, column) =>
          rows.map((row) => row[column] ?? 0),
        )
        const sums = columns.map((chances) => chances.reduce((sum, each) => sum + each, 0))
        expect(Math.min(...columns.flat()), name).toBeGreaterThan(0)
        expect(Math.max(...sums.map((sum) => Math.abs(sum - 1))), name).toBeLessThan(1e-9)
      }
    }
  })

  it('has a background for every value of every feature', () => {
    for (const name of featureNames) {
      const values = Object.keys(featureOf(name).values)
      const { otherwise, blade, inContext = {} } = background[name]
      for (const table of [otherwise, blade ?? otherwise, ...Object.values(inContext)]) {
        expect(Object.keys(table).toSorted()).toEqual(values.toSorted())
      }
      expect(backgroundChances(name, settings[0] as Setting)).toHaveLength(values.length)
    }
  })

  it('names real causes in families and pairs, and real features in correlates', () => {
    const ids = allCauses.map(({ id }) => id)
    for (const id of [...families.flat(), ...commonPairs.flatMap(({ pair }) => pair)]) {
      expect(ids).toContain(id)
    }
    for (const { of, share } of Object.values(correlates)) {
      for (const name of of) expect(featureNames).toContain(name)
      expect(share).toBeLessThan(1)
    }
  })

  it('has pH bands that rise without a gap, and priors that sum to one', () => {
    const bounds = pHBands.map(({ below }) => below)
    expect(bounds).toEqual(bounds.toSorted((a, b) => a - b))
    expect(bounds.at(-1)).toBe(Number.POSITIVE_INFINITY)
    for (const context of contextNames) {
      const sum = hypothesesOf(context).reduce((total, { prior }) => total + prior, 0)
      expect(Math.abs(sum - 1)).toBeLessThan(1e-9)
    }
  })
})

describe('mobility decides between young and old leaves (Marschner, from memory)', () => {
  const chance = (id: string, tier: string) => shareOf(lookAt('shrub', { tier }), id)

  it.each(['nitrogen-short', 'magnesium-short', 'potassium-short'])(
    '%s is likelier when the oldest leaves are pale',
    (id) => expect(chance(id, 'oldest-only')).toBeGreaterThan(2.5 * chance(id, 'youngest-only')),
  )

  it.each(['iron-tied-up-by-pH', 'iron-truly-low', 'manganese-short', 'sulfur-short'])(
    '%s is likelier when the youngest leaves are pale',
    (id) => expect(chance(id, 'youngest-only')).toBeGreaterThan(2.5 * chance(id, 'oldest-only')),
  )

  it('shows iron as stripes on a blade and as a net on a broad leaf', () => {
    const iron = (plantId: string, pattern: string) =>
      lookAt('row-crop', { pattern }, { plantId }).ironIsRemedy
    expect(iron('maize', 'stripes')).toBeGreaterThan(0.6)
    expect(iron('soybean', 'fine-green-veins')).toBeGreaterThan(0.6)
    expect(plants.find(({ id }) => id === 'maize')?.leafForm).toBe('blade')
  })
})
