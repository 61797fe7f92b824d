import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../calendar/index.ts'
import { findingsAsked, valuesOf, type Findings } from '../finding/index.ts'
import { contextNames, plantsOf, type Context } from '../plant/index.ts'
import type { PHHistory } from '../reading/index.ts'
import { causesOf, diagnose, type DiagnosisInput, type StoryEventKind } from './index.ts'

const today = '2026-06-15'
const nothing: PHHistory = { readings: [], corrections: [] }
const pHOf = (value: number, daysAgo = 0): PHHistory => ({
  readings: [{ kind: 'pH', value, method: 'meter', takenOn: addDays(today, -daysAgo) }],
  corrections: [],
})

function verdictOf(
  context: Context,
  findings: Findings,
  pHHistory = nothing,
  events: readonly StoryEventKind[] = [],
  plantId = plantsOf(context)[0]?.id ?? '',
) {
  const input: DiagnosisInput = { context, plantId, lookedOn: today, findings, pHHistory, events }
  return diagnose(input)
}

const ironLeaf = { tier: 'youngest-only', pattern: 'fine-green-veins', severity: '3' } as const

describe('the leading cause of cases a careful person could settle', () => {
  const cases: readonly [string, Context, Findings, PHHistory, readonly StoryEventKind[], string][] = [
    ['iron leaf at pH 7.8', 'turf', ironLeaf, pHOf(7.8), [], 'iron-tied-up-by-pH'],
    ['iron leaf at pH 7.8 on an oak', 'tree', ironLeaf, pHOf(7.8), [], 'iron-tied-up-by-pH'],
    ['iron leaf at pH 6.0, white roots, low feed', 'aquaponic', { ...ironLeaf, roots: 'white', feed: 'low' }, pHOf(6), [], 'iron-truly-low'],
    ['iron leaf each wet spring on fizzing ground', 'row-crop', { ...ironLeaf, wetness: 'wet', fizz: 'strong', onset: 'every-spring', whereOnGround: 'low-spots' }, pHOf(7.9), [], 'iron-tied-up-by-bicarbonate'],
    ['iron leaf, brown roots in a wet pot', 'container', { ...ironLeaf, roots: 'brown-soft', wetness: 'standing' }, pHOf(6), [], 'roots-cannot-take-it-up'],
    ['iron leaf weeks after lime', 'turf', { ...ironLeaf, onset: 'weeks' }, pHOf(7.6), ['limed'], 'over-limed'],
    ['broad green bands on young leaves', 'tree', { tier: 'youngest-only', pattern: 'broad-green-bands', severity: '2' }, pHOf(7.4), [], 'manganese-short'],
    ['small rosetted leaves', 'tree', { tier: 'youngest-only', pattern: 'small-rosetted', growth: 'stopped' }, pHOf(7.4), [], 'zinc-short'],
    ['old leaves with a green wedge', 'shrub', { tier: 'oldest-spreading-up', pattern: 'base-wedge' }, pHOf(5.4), [], 'magnesium-short'],
    ['old leaves evenly pale, slow, unfed', 'turf', { tier: 'oldest-spreading-up', pattern: 'even-pale', growth: 'slow', feed: 'none' }, pHOf(6.4), [], 'nitrogen-short'],
    ['scorched margins of old leaves', 'row-crop', { tier: 'oldest-only', pattern: 'margin-scorch' }, nothing, [], 'potassium-short'],
    ['stripes of a sprayer within days', 'turf', { tier: 'all', pattern: 'bleached', whereOnGround: 'machine-stripes', onset: 'days' }, nothing, ['herbicide'], 'chemical-injury'],
    ['yellow rings, dark roots', 'turf', { tier: 'all', pattern: 'even-pale', whereOnGround: 'rings', roots: 'brown-soft' }, nothing, [], 'ring-root-rot'],
    ['dead centre with a yellow rim', 'turf', { tier: 'all', pattern: 'even-pale', whereOnGround: 'dead-centre', roots: 'white' }, nothing, [], 'sap-sucking-insects'],
    ['hungry pots', 'container', { tier: 'all', pattern: 'even-pale', feed: 'none', growth: 'slow', roots: 'white' }, pHOf(5.8), [], 'underfed'],
    ['iron leaf after manure', 'shrub', { ...ironLeaf, feed: 'high' }, pHOf(6.6), ['high-p-feed'], 'iron-crowded-out'],
  ] // prettier-ignore

  it.each(cases)('%s', (_, context, findings, history, events, expected) => {
    expect(verdictOf(context, findings, history, events).ranked[0]?.cause.id).toBe(expected)
  })
})

describe('pH counts as it was while the leaves grew', () => {
  it('a correction from 8 to 6 yesterday does not talk the engine out of iron', () => {
    const before = verdictOf('turf', ironLeaf, pHOf(8, 1))
    const corrected: PHHistory = {
      readings: [...pHOf(8, 60).readings, ...pHOf(6, 0).readings],
      corrections: [{ onDay: addDays(today, -1), fromPH: 8, toPH: 6 }],
    }
    const after = verdictOf('turf', ironLeaf, corrected)
    expect(after.exposure?.pH).toBeCloseTo(8, 6)
    expect(after.ranked[0]?.cause.id).toBe('iron-tied-up-by-pH')
    const fall = (before.ranked[0]?.probability ?? 0) - (after.ranked[0]?.probability ?? 1)
    expect(fall).toBeLessThan(0.02)
  })

  it('a correction from 8 to 6 a year ago does', () => {
    const corrected: PHHistory = {
      readings: pHOf(6, 300).readings,
      corrections: [{ onDay: addDays(today, -365), fromPH: 8, toPH: 6 }],
    }
    expect(verdictOf('turf', ironLeaf, corrected).ranked[0]?.cause.id).toBe('iron-truly-low')
  })

  it('a plant that bears more lime makes the same pH weigh less', () => {
    const share = (plantId: string) =>
      verdictOf('turf', ironLeaf, pHOf(7.2), [], plantId).ranked.find(
        ({ cause }) => cause.id === 'iron-tied-up-by-pH',
      )?.probability ?? 0
    expect(share('centipedegrass')).toBeGreaterThan(share('creeping-bentgrass'))
  })
})

describe('every verdict', () => {
  const anyLook = fc
    .constantFrom(...contextNames)
    .chain((context) =>
      fc.tuple(
        fc.constant(context),
        fc.record(
          Object.fromEntries(
            findingsAsked(context).map((name) => [
              name,
              fc.option(fc.constantFrom(...Object.keys(valuesOf(name))), { nil: undefined }),
            ]),
          ),
        ),
        fc.option(fc.double({ min: 3, max: 10, noNaN: true }), { nil: undefined }),
      ),
    )

  it('sums to one, never rules out something else, and adds its reasons up', () => {
    fc.assert(
      fc.property(anyLook, ([context, looked, pH]) => {
        const findings = Object.fromEntries(
          Object.entries(looked).filter(([, value]) => value !== undefined),
        ) as Findings
        const { ranked, missing } = verdictOf(context, findings, pH ? pHOf(pH, 10) : nothing)
        const sum = ranked.reduce((total, { probability }) => total + probability, 0)
        expect(Math.abs(sum - 1)).toBeLessThan(1e-9)
        expect(ranked).toHaveLength(causesOf(context).length)
        const other = ranked.find(({ cause }) => cause.id === 'something-else')
        expect(other?.probability).toBeGreaterThan(0)
        for (const { gainBits } of missing) expect(gainBits).toBeGreaterThan(-1e-9)
      }),
      { numRuns: 200 },
    )
  })

  it('gives the reasons strongest first, with what the leaf and pH say', () => {
    const { ranked } = verdictOf('turf', ironLeaf, pHOf(7.8))
    const reasons = ranked[0]?.reasons ?? []
    expect(reasons.map(({ name }) => name)).toEqual(
      expect.arrayContaining(['pH', 'tier', 'pattern']),
    )
    const sizes = reasons.map(({ weightDb }) => Math.abs(weightDb))
    expect(sizes).toEqual(sizes.toSorted((a, b) => b - a))
    expect(reasons.every(({ weightDb }) => weightDb > -2)).toBe(true)
    expect(reasons.find(({ name }) => name === 'pattern')?.why).toMatch(/smallest veins/)
  })

  it('asks first for what separates most: the pH, of an iron leaf', () => {
    expect(verdictOf('tree', ironLeaf).missing[0]?.name).toBe('pH')
  })
})
