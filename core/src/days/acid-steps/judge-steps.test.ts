import { describe, expect, it } from 'vitest'
import { judgeSteps, whereStepsGo, type StepsFacts } from './index.ts'

const facts = (change: Partial<StepsFacts> = {}): StepsFacts => ({
  context: 'turf',
  plantId: 'kentucky-bluegrass',
  groundM2: 100,
  situation: 'turf',
  climate: 'temperate',
  latitude: undefined,
  system: 'metric',
  ownLimits: { N: 100 },
  story: { entries: [], jobs: [], remedies: [] },
  products: [],
  ...change,
})
const job = {
  id: 'feed',
  kind: 'apply',
  status: 'planned',
  remedyId: null,
  acidPlanId: 'plan',
  plannedKg: 4,
  sourceId: 'ammonium-sulfate',
  dueOn: '2026-06-10',
  share: 0,
} as const
const entry = {
  id: 'entry',
  correctsId: null,
  isStruck: false,
  jobId: 'feed',
  happenedOn: '2026-05-20',
  productKg: 4,
  sourceId: 'ammonium-sulfate',
} as const

describe('steps of an acid plan among all that goes on', () => {
  it('are stopped by the situation, and only told of the weather', () => {
    const where = whereStepsGo(facts())
    const step = (day: string, kgPerM2: number) => ({ day, sourceId: 'sulfur-granules', kgPerM2 }) as const // prettier-ignore
    expect(judgeSteps([step('2026-06-01', 0.01)], where)).toEqual({
      problems: [],
      isStopped: false,
    })
    expect(judgeSteps([step('2026-06-01', 0.5)], where).isStopped).toBe(true)
    const cold = judgeSteps([step('2026-01-10', 0.01)], where)
    expect([cold.isStopped, cold.problems.length]).toEqual([false, 1])
  })

  it('share the nitrogen of the year with what went out, and not with the steps they take the place of', () => {
    // 100 kg/ha is 0.01 kg/m².
    const left = (story: StepsFacts['story']) =>
      whereStepsGo(facts({ story })).facts.nitrogenLeft('2026')
    expect(left({ entries: [], jobs: [job], remedies: [] })).toBeCloseTo(0.01, 9)
    const done = { entries: [entry], jobs: [{ ...job, status: 'done' as const }], remedies: [] }
    expect(left(done)).toBeCloseTo(0.01 - (4 * 0.21) / 100, 9)
    expect(whereStepsGo(facts({ story: done })).done).toEqual([
      { day: '2026-05-20', sourceId: 'ammonium-sulfate', kgPerM2: 0.04 },
    ])
  })
})
