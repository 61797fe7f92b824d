import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { findingsAsked, valuesOf, type Findings } from '../../seen/finding/index.ts'
import { contextNames } from '../../stand/plant/index.ts'
import { readingKindNames, readingKinds } from '../../seen/reading/index.ts'
import { mindChangers, nextChecks, reasonsFor } from './index.ts'
import { lookAt, lookDay, readBefore, shareOf } from './tests/look-at.ts'

const ironLeaf = { tier: 'youngest-only', pattern: 'fine-green-veins', severity: '3' } as const
const pHOf = (value: number, daysBefore = 20) => [readBefore(daysBefore, { kind: 'pH', value })]
const tiedUp = 'iron-tied-up-by-pH'

describe('what was so while the leaves grew', () => {
  it('a correction from 8 to 6 yesterday does not talk the engine out of iron', () => {
    const before = lookAt('tree', ironLeaf, { readings: pHOf(8, 60) })
    const after = lookAt('tree', ironLeaf, {
      readings: [...pHOf(8, 60), ...pHOf(6, 0)],
      corrections: [{ onDay: addDays(lookDay, -1), fromPH: 8, toPH: 6 }],
    })
    expect(after.exposure?.pH).toBeCloseTo(8, 6)
    expect(after.ranked[0]?.id).toBe(tiedUp)
    expect(shareOf(before, tiedUp) - shareOf(after, tiedUp)).toBeLessThan(0.02)
  })

  it('a correction from 8 to 6 a year ago does', () => {
    const verdict = lookAt('tree', ironLeaf, {
      readings: pHOf(6, 60),
      corrections: [{ onDay: addDays(lookDay, -365), fromPH: 8, toPH: 6 }],
    })
    expect(shareOf(verdict, tiedUp)).toBeLessThan(shareOf(verdict, 'iron-truly-low'))
  })

  it('an event of yesterday says nothing, the same event a month ago does', () => {
    const share = (daysBefore: number) =>
      shareOf(lookAt('tree', ironLeaf, { events: [['limed', daysBefore]] }), 'over-limed')
    const untold = shareOf(lookAt('tree', ironLeaf), 'over-limed')
    expect(share(1)).toBeCloseTo(untold, 9)
    expect(share(60)).toBeGreaterThan(4 * untold)
  })

  it('feeding after the pale leaves had grown does not speak against hunger', () => {
    const hungry = { tier: 'all', pattern: 'even-pale' }
    const share = (daysBefore: number) =>
      shareOf(lookAt('turf', hungry, { events: [['fed', daysBefore]] }), 'nitrogen-short')
    expect(share(2)).toBeGreaterThan(share(62) + 0.05)
  })

  it('a fast plant short of iron from the start may show it on old and young leaves alike', () => {
    const everyLeaf = { tier: 'all', pattern: 'fine-green-veins', feedIron: 'no' }
    const iron = (findings: Findings) => lookAt('hydroponic', findings).ironIsRemedy
    const fast = { ...everyLeaf, growth: 'very-fast', onset: 'since-planting' }
    const slow = { ...everyLeaf, growth: 'normal', onset: 'since-planting' }
    expect(iron(fast)).toBeGreaterThan(iron(slow))
  })

  it('the same pH weighs less for a plant that bears more lime', () => {
    const share = (plantId: string) =>
      shareOf(lookAt('tree', ironLeaf, { plantId, readings: pHOf(7.2) }), tiedUp)
    expect(share('pin-oak')).toBeGreaterThan(share('bur-oak'))
  })
})

describe('what is said twice', () => {
  it('two readings of one pH on one day weigh as the better of them', () => {
    const once = lookAt('tree', ironLeaf, { readings: pHOf(7.6) })
    const paste = readBefore(20, { kind: 'pH', value: 7.5, preparation: 'paste' })
    const twice = lookAt('tree', ironLeaf, { readings: [...pHOf(7.6), paste] })
    expect(shareOf(twice, tiedUp)).toBeCloseTo(shareOf(once, tiedUp), 6)
  })

  it('wet weeks said again as rain, flood and standing water count for less each time', () => {
    const rise = (findings: Findings, more: Findings) =>
      shareOf(lookAt('tree', { ...findings, ...more }), 'roots-cannot-take-it-up') /
      shareOf(lookAt('tree', findings), 'roots-cannot-take-it-up')
    const alone = rise({}, { rain: 'yes' })
    const again = rise({ wetness: 'wet' }, { rain: 'yes' })
    expect(again).toBeGreaterThan(1)
    expect(again - 1).toBeLessThan((alone - 1) / 2)
  })
})

describe('iron in the leaf', () => {
  const field = { ...ironLeaf, whereOnGround: 'patches' }
  const withLeaf = (kind: 'tissueIron' | 'activeIron', value: number) =>
    lookAt('row-crop', field, {
      plantId: 'soybean',
      readings: [...pHOf(7.9), readBefore(5, { kind, value })],
    }).ironIsRemedy
  const without = lookAt('row-crop', field, { plantId: 'soybean', readings: pHOf(7.9) })

  it('normal in total lowers iron by no more than a little: it can be idle', () => {
    expect(without.ironIsRemedy - withLeaf('tissueIron', 140)).toBeGreaterThan(0)
    expect(without.ironIsRemedy - withLeaf('tissueIron', 140)).toBeLessThan(0.05)
  })

  it('normal in active iron lowers it much, and low raises it', () => {
    expect(without.ironIsRemedy - withLeaf('activeIron', 90)).toBeGreaterThan(0.15)
    expect(withLeaf('activeIron', 12)).toBeGreaterThan(without.ironIsRemedy)
  })

  it('is read against a healthy plant of the same kind where there is one', () => {
    const pair = (healthy: number) =>
      lookAt('row-crop', field, {
        plantId: 'soybean',
        readings: [
          ...pHOf(7.9),
          readBefore(5, { kind: 'activeIron', value: 30, place: 'sick' }),
          readBefore(5, { kind: 'activeIron', value: healthy, place: 'healthy' }),
        ],
      }).ironIsRemedy
    expect(pair(60)).toBeGreaterThan(pair(30) + 0.15)
  })
})

describe('schools of soil iron', () => {
  it('read the same 6 mg/kg as enough or as low, and the verdict follows', () => {
    const share = (school: 'published' | 'high-target') =>
      shareOf(
        lookAt('tree', ironLeaf, {
          readings: [...pHOf(6.4), readBefore(40, { kind: 'soilIron', value: 6 })],
          school,
        }),
        'iron-truly-low',
      )
    expect(share('high-target')).toBeGreaterThan(3 * share('published'))
  })
})

describe('every verdict', () => {
  const anyLook = fc.constantFrom(...contextNames).chain((context) =>
    fc.tuple(
      fc.constant(context),
      fc.dictionary(
        fc.constantFrom(...findingsAsked(context)),
        fc.nat({ max: 20 }).map((index) => index),
        { maxKeys: 12 },
      ),
      fc.array(
        fc.tuple(fc.constantFrom(...readingKindNames), fc.double({ min: 0, max: 1, noNaN: true })),
        { maxLength: 8 },
      ),
    ),
  )

  type AnyLook = typeof anyLook extends fc.Arbitrary<infer Look> ? Look : never
  const verdictOf = ([context, picks, measured]: AnyLook) => {
    const findings = Object.fromEntries(
      Object.entries(picks).map(([name, index]) => {
        const values = Object.keys(valuesOf(name as 'tier'))
        return [name, values[index % values.length] ?? '']
      }),
    )
    const readings = measured.map(([kind, share]) => {
      const { min, max } = readingKinds[kind]
      return readBefore(10, { kind, value: min + share * (max - min) })
    })
    return lookAt(context, findings, { readings })
  }

  it('sums to one, never rules out something else, whatever was found', () => {
    fc.assert(
      fc.property(anyLook, (look) => {
        const verdict = verdictOf(look)
        const sum = verdict.ranked.reduce((total, { probability }) => total + probability, 0)
        expect(Math.abs(sum - 1)).toBeLessThan(1e-9)
        expect(shareOf(verdict, 'something-else')).toBeGreaterThan(0)
        expect(verdict.ranked.every(({ probability }) => probability >= 0)).toBe(true)
      }),
      { numRuns: 150 },
    )
  })

  it('has checks whose gain and effort are numbers, whatever was found', () => {
    fc.assert(
      fc.property(anyLook, (look) => {
        const checks = nextChecks(verdictOf(look))
        expect(checks.every(({ effort }) => effort > 0)).toBe(true)
        expect(checks.every(({ gainBits }) => Number.isFinite(gainBits))).toBe(true)
      }),
      { numRuns: 15 },
    )
  })

  it('does not move for a finding that nobody made', () => {
    const { ranked } = lookAt('turf', {})
    const prior = lookAt('turf', {}, { readings: [] }).ranked
    expect(ranked).toEqual(prior)
    expect(ranked[0]?.probability).toBeLessThan(0.2)
  })

  it('holds pairs, though no pair of one family', () => {
    const ids = lookAt('turf', {}).ranked.map(({ id }) => id)
    expect(ids).toContain('iron-tied-up-by-pH+nitrogen-short')
    expect(ids).not.toContain('iron-tied-up-by-pH+iron-truly-low')
    expect(ids.filter((id) => id.includes('something-else'))).toEqual(['something-else'])
  })
})

describe('reasons', () => {
  const verdict = lookAt('tree', { ...ironLeaf, roots: 'brown-soft' }, { readings: pHOf(7.8) })

  it('come strongest first, each with what a grower would say', () => {
    const reasons = reasonsFor(verdict, tiedUp)
    const sizes = reasons.map(({ weightDb }) => Math.abs(weightDb))
    expect(sizes).toEqual(sizes.toSorted((a, b) => b - a))
    const pattern = reasons.find(({ name }) => name === 'pattern')
    expect(pattern?.weightDb).toBeGreaterThan(2)
    expect(pattern?.why).toMatch(/smallest veins/)
  })

  it('speak for one cause and against another', () => {
    const weight = (id: string, name: string) =>
      reasonsFor(verdict, id).find((reason) => reason.name === name)?.weightDb ?? 0
    expect(weight('roots-cannot-take-it-up', 'roots')).toBeGreaterThan(3)
    expect(weight(tiedUp, 'roots')).toBeLessThan(0)
    expect(weight('nitrogen-short', 'tier')).toBeLessThan(-3)
  })
})

describe('what would change my mind', () => {
  it('names answers that would put another cause on top', () => {
    const verdict = lookAt('turf', { tier: 'all', pattern: 'even-pale', whereOnGround: 'patches' })
    const lifts = mindChangers(verdict).find(({ value }) => value === 'lifts')
    expect(lifts?.leads).toMatch(/larvae/)
    expect(mindChangers(verdict).every(({ changesLead }) => changesLead)).toBe(true)
  })
})
