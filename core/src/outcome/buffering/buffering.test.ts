import { randomLcg, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { acidGround } from '../../soil/acid-plan/index.ts'
import { bufferRows, groundAsLearnt, learnBuffering, saidWords, taughtPlan, type KeptPlan, type PlanStory, type TaughtPlan } from './index.ts' // prettier-ignore

const startsOn = '2024-04-15'
const on = '2026-05-01'
const asked = { on, climate: 'temperate', latitude: undefined } as const
const plan: KeptPlan = {
  id: 'plan',
  standId: 'bed',
  startsOn,
  fromPH: 6.9,
  pHDoubt: 0.1,
  situation: 'bare',
  ground: { texture: 'loam', fizz: 'none', depthM: 0.15 },
}
const pH = (takenOn: string, value: number, place?: 'healthy') =>
  ({ kind: 'pH', value, method: 'laboratory', takenOn, place }) as const
const story = (change: Partial<PlanStory> = {}): PlanStory => ({
  readings: [pH('2025-04-10', 6.3), pH('2026-04-10', 5.9)],
  events: [],
  plans: [plan],
  done: ['2024-05-01', '2025-04-20'].map((day) => ({ day, sourceId: 'sulfur-flour', kgPerM2: 0.08 })), // prettier-ignore
  ...change,
})
const taught = (change: Partial<PlanStory> = {}, of = plan) => taughtPlan(of, story(change), asked)

describe('what a plan taught', () => {
  it('is more acid for one pH where its retests fell slower than figured, less where faster', () => {
    const slow = taught({ readings: [pH('2025-04-10', 6.75), pH('2026-04-10', 6.6)] })
    const fast = taught({ readings: [pH('2025-04-10', 5.7), pH('2026-04-10', 4.9)] })
    const figured = slow?.figured.mmolPerKg ?? NaN
    expect(fast?.figured.mmolPerKg).toBe(figured)
    expect(slow?.said?.mmolPerKg).toBeGreaterThan(1.2 * figured)
    expect(fast?.said?.mmolPerKg).toBeLessThan(0.85 * figured)
  })

  it('is nothing where nobody tested again, and nothing of its ground where nothing went on', () => {
    expect(taught({ readings: [pH('2024-04-01', 6.9)] })).toBeUndefined()
    const idle = taught({ done: [] })
    expect(idle?.retests).toHaveLength(2)
    expect(idle?.said).toBeUndefined()
  })

  it('ends with the next plan, and with lime that moved pH beside it', () => {
    const next = { ...plan, id: 'next', startsOn: '2025-05-01' }
    expect(taught({ plans: [plan, next] })?.retests).toHaveLength(1)
    expect(taught({ plans: [plan, next] }, next)?.retests).toHaveLength(1)
    const limed = { kind: 'limed', happenedOn: '2025-09-01', fromPH: null, toPH: null } as const
    expect(taught({ events: [limed] })?.retests).toHaveLength(1)
  })

  it('leaves a healthy patch, and what came after the day on which it is asked', () => {
    const readings = [pH('2025-04-10', 5, 'healthy'), pH(addDays(on, 1), 5)]
    expect(taught({ readings })).toBeUndefined()
  })
})

const said = (standId: string, factor: number, doubt = 0.2, figured = 0.45): TaughtPlan => ({
  planId: `plan of ${standId}`,
  standId,
  startsOn,
  retests: [{ day: '2025-04-10', pH: 6, doubt: 0.2 }],
  figured: { mmolPerKg: 24, doubt: figured },
  said: { mmolPerKg: 24 * factor, doubt },
})
const figured = { mmolPerKg: 24, doubt: 0.45 }
const here = (plans: readonly TaughtPlan[], standId = 'bed') =>
  learnBuffering(plans, { standId, figured, on })

describe('the buffering of ground', () => {
  it('is drawn to what its own retests said, and less to those of other ground of the place', () => {
    const own = here([said('bed', 1.6)])
    const other = here([said('terrace', 1.6)])
    expect(own?.mmolPerKg).toBeGreaterThan(24 * 1.3)
    expect(own?.mmolPerKg).toBeLessThan(24 * 1.6)
    expect(own?.doubt).toBeLessThan(0.25)
    expect(other?.mmolPerKg).toBeGreaterThan(24 * 1.05)
    expect(other?.mmolPerKg).toBeLessThan(own?.mmolPerKg ?? 0)
    expect(other?.doubt).toBeLessThan(0.45)
  })

  it('is as figured where no retest said anything', () => {
    const silent = { ...said('bed', 1.6), said: undefined }
    expect(here([])).toBeUndefined()
    expect(here([silent])).toBeUndefined()
    const ground = acidGround({ texture: 'loam', pH: 6.9, pHDoubt: 0.1, depthM: 0.15 })
    expect(groundAsLearnt(ground, [silent], { standId: 'bed', on })).toBe(ground)
  })

  it('of which more was measured since stands beside what is figured now', () => {
    const titrated = { mmolPerKg: 36, doubt: 0.12 }
    const now = learnBuffering([said('bed', 1.5)], { standId: 'bed', figured: titrated, on })
    expect(now?.mmolPerKg).toBeCloseTo(36, 0)
  })

  it('opens to what was figured, what each plan said, and what the place teaches', () => {
    const ground = acidGround({ texture: 'loam', pH: 6.9, pHDoubt: 0.1, depthM: 0.15 })
    const learnt = groundAsLearnt(ground, [said('bed', 1.6)], { standId: 'bed', on })
    const { inputs, result } = learnt.buffer.derivation
    expect(inputs.map(({ label }) => label)).toEqual([
      ...ground.buffer.derivation.inputs.map(({ label }) => label),
      'figured from what was measured',
      '1 retest of the plan of 15 Apr 2024',
      'ground of this place, in doubts of what was figured',
      'of the doubt of what is figured is shared by ground of a place',
    ])
    expect(result).toMatch(/mmol\/kg for one pH, \d+ to \d+$/)
    expect(saidWords({ mmolPerKg: 0.4, doubt: 1.2 }, figured)).toBe('points to less, less surely than what is figured') // prettier-ignore
    expect(learnt.buffer.mmolPerKg).toBeGreaterThan(ground.buffer.mmolPerKg)
    expect(learnt.pH).toBe(ground.pH)
  })
})

describe('the stands of a place', () => {
  it('have what is figured, what they said and what is expected side by side', () => {
    const silent = { ...said('lawn', 1), said: undefined }
    const [bed, lawn] = bufferRows([said('bed', 1.6, 0.3), said('bed', 1.6, 0.3), silent], on)
    expect(bed).toMatchObject({ standId: 'bed', figured, knowsTooLittle: false })
    expect(bed?.plans).toHaveLength(2)
    expect(bed?.said?.mmolPerKg).toBeCloseTo(24 * 1.6, 9)
    expect(bed?.said?.doubt).toBeCloseTo(0.3 / Math.SQRT2, 9)
    expect(lawn).toMatchObject({ standId: 'lawn', said: undefined, knowsTooLittle: true })
    expect(lawn?.here?.mmolPerKg).toBeGreaterThan(24)
    expect(bufferRows([silent], on)[0]?.here).toBeUndefined()
  })
})

/** Made-up places of which it is known how far figured buffering is off. */
describe('made-up places', () => {
  const bell = randomNormal.source(randomLcg(5))(0, 1)
  const places = 400
  let [held, asFigured, asLearnt, ofOther] = [0, 0, 0, 0]
  for (let place = 0; place < places; place += 1) {
    const shared = Math.sqrt(0.4) * bell()
    const stands = ['bed', 'terrace', 'lawn'].map((standId) => ({
      standId,
      off: figured.doubt * (shared + Math.sqrt(0.6) * bell()),
    }))
    const plans = stands.flatMap(({ standId, off }, at) =>
      Array.from({ length: 2 - at }, () => {
        const doubt = 0.15 + 0.2 * Math.abs(bell())
        const strayed = off + doubt * bell() + 0.3 * figured.doubt * bell()
        return said(standId, Math.exp(strayed), doubt)
      }),
    )
    for (const { standId, off } of stands) {
      const learnt = here(plans, standId)
      if (!learnt) throw new Error('nothing was learnt')
      const error = Math.abs(Math.log(learnt.mmolPerKg / figured.mmolPerKg) - off)
      if (error <= 1.645 * learnt.doubt) held += 1
      asLearnt += error
      asFigured += Math.abs(off)
      if (standId === 'lawn') ofOther += error / places
    }
  }

  it('have their buffering in nine of ten intervals, and nearer than as figured', () => {
    expect(held / places / 3).toBeGreaterThan(0.85)
    expect(held / places / 3).toBeLessThan(0.95)
    expect(asLearnt / asFigured).toBeLessThan(0.75)
    expect(ofOther).toBeLessThan(asFigured / places / 3)
  })
})
