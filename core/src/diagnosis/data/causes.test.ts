import { describe, expect, it } from 'vitest'
import { findingNames, valuesOf, type FindingName } from '../../finding/index.ts'
import { contextNames, plantsOf } from '../../plant/index.ts'
import { causesOf, diagnose, storyEventKinds } from '../index.ts'
import { valueLikelihood, valuesOfEvidence } from '../evidence.ts'
import type { Cause } from './cause.ts'
import { pHBands } from './pH-bands.ts'

const causes = [...new Map(contextNames.flatMap(causesOf).map((each) => [each.id, each])).values()]
const weighted = (cause: Cause) => Object.keys(cause.weights) as (FindingName | 'pH')[]

describe('the table of causes', () => {
  it('has at least ten for every kind of stand, each with an id of its own', () => {
    for (const context of contextNames) {
      const ids = causesOf(context).map(({ id }) => id)
      expect(ids.length).toBeGreaterThanOrEqual(10)
      expect(new Set(ids).size).toBe(ids.length)
    }
  })

  it.each(causes.map((cause) => [cause.id, cause] as const))(
    '%s weighs only values that exist, and gives reasons only for what it weighs',
    (_, cause) => {
      for (const name of weighted(cause)) {
        const known = new Set([...valuesOfEvidence(name), 'otherwise'])
        for (const [value, weight] of Object.entries(cause.weights[name] ?? {})) {
          expect(known, `${name} of ${cause.id}`).toContain(value)
          expect(weight).toBeGreaterThan(0)
        }
      }
      const told = Object.keys(cause.because)
      expect(weighted(cause)).toEqual(expect.arrayContaining(told))
      for (const event of Object.keys(cause.events ?? {})) expect(storyEventKinds).toContain(event)
    },
  )

  it('gives every value of every finding a chance under every cause, adding up to one', () => {
    for (const cause of causes) {
      for (const name of [...findingNames, 'pH'] as const) {
        const chances = valuesOfEvidence(name).map((value) => valueLikelihood(cause, name, value))
        expect(Math.min(...chances)).toBeGreaterThan(0)
        expect(Math.abs(chances.reduce((sum, each) => sum + each, 0) - 1)).toBeLessThan(1e-12)
      }
    }
  })

  it('says what to do for every cause, and names a source', () => {
    for (const { advice, mechanism, source } of causes) {
      for (const words of [advice, mechanism]) expect(words).toMatch(/^[A-Z].*[.]$/)
      expect(source.length).toBeGreaterThan(10)
    }
  })

  it('has pH bands that rise without a gap', () => {
    const bounds = pHBands.map(({ below }) => below)
    expect(bounds).toEqual(bounds.toSorted((a, b) => a - b))
    expect(bounds.at(-1)).toBe(Number.POSITIVE_INFINITY)
  })
})

describe('mobility decides between young and old leaves (Marschner, from memory)', () => {
  const chanceOf = (id: string, tier: string) => {
    const verdict = diagnose({
      context: 'shrub',
      plantId: plantsOf('shrub')[0]?.id ?? '',
      lookedOn: '2026-06-15',
      findings: { tier },
      pHHistory: { readings: [], corrections: [] },
      events: [],
    })
    return verdict.ranked.find(({ cause }) => cause.id === id)?.probability ?? 0
  }

  it.each(['nitrogen-short', 'magnesium-short', 'potassium-short'])(
    '%s is likelier when the oldest leaves are pale',
    (id) => expect(chanceOf(id, 'oldest-only')).toBeGreaterThan(3 * chanceOf(id, 'youngest-only')),
  )

  it.each([
    'iron-tied-up-by-pH',
    'iron-truly-low',
    'manganese-short',
    'zinc-short',
    'sulfur-short',
  ])('%s is likelier when the youngest leaves are pale', (id) =>
    expect(chanceOf(id, 'youngest-only')).toBeGreaterThan(3 * chanceOf(id, 'oldest-only')),
  )
})

describe('each value of a finding', () => {
  it('has words, in the contexts in which it is asked', () => {
    for (const name of findingNames) {
      for (const words of Object.values(valuesOf(name))) expect(words.length).toBeGreaterThan(1)
    }
  })
})
