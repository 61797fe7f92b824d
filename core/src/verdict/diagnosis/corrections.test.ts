import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { pHOn } from '../../seen/reading/index.ts'
import { diagnose, nextChecks, storyOf, type ToldEvent } from './index.ts'
import { lookAt, lookDay, readBefore, shareOf } from './tests/look-at.ts'

const ironLeaf = { tier: 'youngest-only', pattern: 'fine-green-veins', severity: '3' } as const
const told = (kind: ToldEvent['kind'], daysBefore: number): ToldEvent => ({
  kind,
  happenedOn: addDays(lookDay, -daysBefore),
  fromPH: null,
  toPH: null,
})

describe('what was done this week', () => {
  it('is the first suspect for a patch that bleached within days', () => {
    const bleached = {
      tier: 'all',
      pattern: 'bleached',
      whereOnGround: 'patches',
      onset: 'days',
    } as const
    const verdict = lookAt('turf', bleached, { events: [['spill', 3]] })
    expect(verdict.ranked[0]?.id).toBe('chemical-injury')
    const without = shareOf(lookAt('turf', bleached), 'chemical-injury')
    expect(shareOf(verdict, 'chemical-injury')).toBeGreaterThan(without)
  })

  it('says nothing of what acts through leaves as they form', () => {
    const fresh = shareOf(lookAt('shrub', ironLeaf, { events: [['limed', 3]] }), 'over-limed')
    expect(fresh).toBeCloseTo(shareOf(lookAt('shrub', ironLeaf), 'over-limed'), 12)
  })
})

describe('a pH from before lime', () => {
  const old = readBefore(200, { kind: 'pH', value: 6.2 })
  const verdictOf = (events: readonly ToldEvent[]) => {
    const { pHHistory } = storyOf(lookDay, [old], events)
    return diagnose({
      context: 'shrub',
      plantId: 'azalea',
      lookedOn: lookDay,
      findings: ironLeaf,
      pHHistory,
      events: events.map(({ kind, happenedOn }) => ({ kind, happenedOn })),
    })
  }
  const asksPH = (verdict: ReturnType<typeof verdictOf>) =>
    nextChecks(verdict)
      .slice(0, 3)
      .some(({ check }) => check.reveals.includes('pH'))

  it('loses its say, and the check is open again near the top', () => {
    const { pHHistory } = storyOf(lookDay, [old], [told('limed', 120)])
    const before = pHOn(addDays(lookDay, -150), pHHistory)
    const after = pHOn(lookDay, pHHistory)
    expect((after?.doubt ?? 0) - (before?.doubt ?? 0)).toBeGreaterThan(0.6)
    expect(asksPH(verdictOf([]))).toBe(false)
    expect(asksPH(verdictOf([told('limed', 120)]))).toBe(true)
  })

  it('holds where somebody told what it was brought to', () => {
    const known = { ...told('pH-corrected', 120), fromPH: 6.2, toPH: 5.2 }
    expect(asksPH(verdictOf([known]))).toBe(false)
  })
})

describe('pH that was put right', () => {
  const corrected = { ...told('pH-corrected', 60), fromPH: 7.5, toPH: 5.5 }
  const verdictOf = (tier: 'all' | 'middle' | 'youngest-only', events: readonly ToldEvent[]) => {
    const { pHHistory } = storyOf(lookDay, [], events)
    return diagnose({
      context: 'shrub',
      plantId: 'gardenia',
      lookedOn: lookDay,
      findings: {
        ...ironLeaf,
        tier,
        ...(tier === 'youngest-only' ? {} : { newestLeaves: 'greener', growth: 'normal' }),
      },
      pHHistory,
      events: events.map(({ kind, happenedOn }) => ({ kind, happenedOn })),
    })
  }

  it.each(['all', 'middle'] as const)(
    'leads to waiting where new leaves are greener (%s)',
    (tier) => {
      const verdict = verdictOf(tier, [corrected])
      expect(verdict.ranked[0]?.id).toBe('symptom-outlived')
      expect(shareOf(verdict, 'symptom-outlived')).toBeGreaterThan(
        shareOf(verdictOf(tier, []), 'symptom-outlived'),
      )
    },
  )

  it('does not where the youngest leaves are pale', () => {
    expect(verdictOf('youngest-only', [corrected]).ranked[0]?.id).not.toBe('symptom-outlived')
  })
})

describe('a potting mix', () => {
  it('is not fizzed', () => {
    const offered = nextChecks(lookAt('container', ironLeaf, { plantId: 'gardenia' }))
    expect(offered.map(({ check }) => check.id)).not.toContain('fizz')
  })
})

describe('a pH that nobody knows', () => {
  it('is asked first, where an answer would move the verdict', () => {
    const first = nextChecks(lookAt('tree', ironLeaf, { plantId: 'pin-oak' }))[0]
    expect(first?.check.reveals).toContain('pH')
  })
})

describe('readings that contradict each other', () => {
  it('are doubted by as much as they lie apart', () => {
    const pair = [6, 7.6].map((value) => readBefore(20, { kind: 'pH', value }))
    const alike = [6, 6.1].map((value) => readBefore(20, { kind: 'pH', value }))
    const doubt = (readings: typeof pair) =>
      pHOn(addDays(lookDay, -20), { readings, corrections: [] })?.doubt ?? 0
    expect(doubt(pair)).toBeCloseTo(0.8, 9)
    expect(doubt(alike)).toBeLessThan(0.2)
  })
})

describe('what stands for sodium', () => {
  const sealed = {
    tier: 'all',
    pattern: 'even-pale',
    growth: 'slow',
    wetness: 'standing',
    compaction: 'strong',
  } as const
  const sodic = readBefore(30, { kind: 'sodiumAdsorption', value: 22 })

  it('a low EC speaks against salt, and not against sodic ground', () => {
    const lowEC = readBefore(30, { kind: 'ecPaste', value: 1 })
    const looked = {
      plantId: 'boxwood',
      readings: [sodic, readBefore(30, { kind: 'pH', value: 9 })],
    }
    const without = lookAt('shrub', sealed, looked)
    const verdict = lookAt('shrub', sealed, { ...looked, readings: [...looked.readings, lowEC] })
    expect(verdict.ranked[0]?.causes.map(({ id }) => id)).toContain('sodic-ground')
    const odds = (of: typeof verdict, id: string) => shareOf(of, id) / (1 - shareOf(of, id))
    expect(odds(verdict, 'sodic-ground') / odds(without, 'sodic-ground')).toBeGreaterThan(0.8)
    expect(odds(verdict, 'salt') / odds(without, 'salt')).toBeLessThan(0.5)
  })
})

describe('a solution', () => {
  const hungry = { tier: 'oldest-spreading-up', pattern: 'even-pale', growth: 'slow' } as const
  const nitrogen = (context: 'hydroponic' | 'aquaponic', value: number) =>
    shareOf(lookAt(context, hungry, { plantId: 'lettuce', readings: [readBefore(5, { kind: 'nitrate', value })] }), 'nitrogen-short') // prettier-ignore

  it('is read by what it is run as: 60 mg/L of nitrate is short without fish and plenty with', () => {
    expect(nitrogen('hydroponic', 60)).toBeGreaterThan(nitrogen('hydroponic', 600) * 2)
    expect(nitrogen('aquaponic', 60)).toBeLessThan(nitrogen('hydroponic', 60))
  })
})
