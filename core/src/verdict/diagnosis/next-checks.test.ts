import { describe, expect, it } from 'vitest'
import { findingsAsked } from '../../seen/finding/index.ts'
import { contextNames } from '../../stand/plant/index.ts'
import { featureNames, isTest } from './data/features.ts'
import { answeredChecks, answersTo, checks, nextChecks } from './index.ts'
import { lookAt, readBefore, shareOf } from './tests/look-at.ts'

const ironLeaf = { tier: 'youngest-only', pattern: 'fine-green-veins' } as const
const ids = (verdict: Parameters<typeof nextChecks>[0]) =>
  nextChecks(verdict).map(({ check }) => check.id)

describe('the list of checks', () => {
  it('reveals only what a verdict weighs, each with what it costs', () => {
    for (const { reveals, minutes, money, days, name, how } of checks) {
      for (const feature of reveals) expect(featureNames).toContain(feature)
      expect(minutes).toBeGreaterThan(0)
      expect(Math.min(money, days)).toBeGreaterThanOrEqual(0)
      expect(`${name}${how}`).toMatch(/^[A-Z].*[.?]$/)
    }
  })

  it('has a check for every finding that can be asked', () => {
    const revealed = new Set(checks.flatMap(({ reveals }) => reveals))
    const seenWithout = new Set(['severity', 'oldPattern', 'feedNitrogen', 'mowing'])
    for (const context of contextNames) {
      for (const name of findingsAsked(context)) {
        if (!seenWithout.has(name)) expect(revealed, name).toContain(name)
      }
    }
  })
})

describe('checks that were planned', () => {
  it('are answered by a finding or a reading of what they reveal, and by nothing else', () => {
    expect(answeredChecks(['leafPaint'], [])).toEqual(['leaf-paint'])
    expect(answeredChecks(['tier'], [])).toEqual(['which-leaves'])
    expect(answeredChecks([], ['soilIron'])).toEqual(['soil-test'])
    expect(answeredChecks([], ['activeIron'])).toEqual(['active-iron', 'sick-against-healthy'])
    expect(answeredChecks([], ['turfColour'])).toEqual([])
  })
})

describe('the next check', () => {
  it('leaves out what is known and what makes no sense for the stand', () => {
    const turf = ids(lookAt('turf', ironLeaf))
    expect(turf).not.toContain('which-leaves')
    expect(turf).not.toContain('nitrate-vial')
    expect(turf).toContain('pull-test')
    expect(ids(lookAt('aquaponic', ironLeaf))).not.toContain('pull-test')
    expect(ids(lookAt('aquaponic', ironLeaf))).toContain('nitrate-vial')
  })

  it('is a cheap look before a dear laboratory that would tell no more', () => {
    const order = ids(lookAt('tree', ironLeaf))
    expect(order.indexOf('pH')).toBeLessThan(order.indexOf('soil-test'))
    expect(order.indexOf('active-iron')).toBeLessThan(order.indexOf('sick-against-healthy'))
  })

  it('clears up a share of the doubt: never all of it, and much by a telling look', () => {
    const open = nextChecks(lookAt('turf', { pattern: 'even-pale' }))
    const tier = open.find(({ check }) => check.id === 'which-leaves')
    expect(tier?.clears).toBeGreaterThan(0.05)
    for (const { clears } of open) expect(clears).toBeLessThan(0.9)
  })

  it('promises less where the answer could not change what to do', () => {
    const open = nextChecks(
      lookAt('turf', { pattern: 'even-pale', tier: 'all', whereOnGround: 'patches' }),
    )
    const pull = open.find(({ check }) => check.id === 'pull-test')
    const sure = nextChecks(
      lookAt('turf', {
        pattern: 'bleached',
        whereOnGround: 'machine-stripes',
        onset: 'days',
        sprayed: 'yes',
      }),
    ).find(({ check }) => check.id === 'pull-test')
    expect(pull?.treatmentGain).toBeGreaterThan(0.02)
    expect(sure?.treatmentGain).toBeLessThan(0.005)
  })

  it('says what each answer would do, and does so when it is given', () => {
    const verdict = lookAt('tree', ironLeaf)
    const check = checks.find(({ id }) => id === 'roots')
    const answers = check ? answersTo(check, verdict) : []
    const chances = answers.reduce((sum, { chance }) => sum + chance, 0)
    expect(chances).toBeCloseTo(1, 6)
    for (const { value, leads, probability } of answers) {
      const [first] = lookAt('tree', { ...ironLeaf, roots: value }).ranked
      expect(first?.name).toBe(leads)
      // Hypotheses too unlikely to come back are left out of the forecast.
      expect(first?.probability).toBeCloseTo(probability, 1)
    }
  })

  it('agrees with the verdict that the answer then gives, for a test with a number too', () => {
    const verdict = lookAt('aquaponic', ironLeaf)
    const check = checks.find(({ id }) => id === 'iron-vial')
    const none = check && answersTo(check, verdict).find(({ value }) => value === 'none')
    const read = lookAt('aquaponic', ironLeaf, {
      readings: [readBefore(10, { kind: 'ironInSolution', value: 0, doubt: 0.01 })],
    })
    expect(none?.leads).toBe(read.ranked[0]?.name)
    expect(shareOf(read, 'iron-truly-low')).toBeGreaterThan(shareOf(verdict, 'iron-truly-low'))
  })

  it('reveals only features that are tests or asked', () => {
    for (const { check } of nextChecks(lookAt('container', {}))) {
      const asked = findingsAsked('container')
      expect(check.reveals.some((name) => isTest(name) || asked.includes(name as never))).toBe(true)
    }
  })

  it('take what they take on the kind of stand: roots of a tree are dug for, pots knocked out', () => {
    const rootsIn = (context: 'tree' | 'container') =>
      nextChecks(lookAt(context, { pattern: 'even-pale' })).find(
        ({ check }) => check.id === 'roots',
      )
    expect(rootsIn('tree')?.check.minutes).toBe(30)
    expect(rootsIn('container')?.check.minutes).toBe(2)
    expect(rootsIn('container')?.effort).toBeLessThan(rootsIn('tree')?.effort ?? 0)
  })

  it('ask pH first where iron may be the remedy, and not after a spill or a frost', () => {
    const firstOf = (
      findings: Parameters<typeof lookAt>[1],
      events: readonly (readonly ['spill' | 'cold-spell', number])[] = [],
    ) => nextChecks(lookAt('shrub', findings, { events }))[0]?.check.id
    expect(firstOf({ tier: 'youngest-only', pattern: 'fine-green-veins' })).toBe('pH')
    const bleached = { tier: 'scattered', pattern: 'bleached', onset: 'days' } as const
    expect(firstOf(bleached, [['spill', 1]])).not.toBe('pH')
    expect(
      firstOf({ tier: 'all', pattern: 'bronzed', onset: 'days' }, [['cold-spell', 2]]),
    ).not.toBe('pH')
  })
})
