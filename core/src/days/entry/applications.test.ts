import { describe, expect, it } from 'vitest'
import {
  acidStepsDone,
  applicationsOf,
  contentsOf,
  standingEntries,
  type AppliedStory,
} from './index.ts'

type Job = AppliedStory['jobs'][number]
type Entry = AppliedStory['entries'][number]

const job = (id: string, change: Partial<Job>): Job => ({
  id,
  kind: 'apply',
  status: 'planned',
  remedyId: null,
  acidPlanId: null,
  plannedKg: null,
  sourceId: null,
  dueOn: '2026-06-10',
  share: 0,
  ...change,
})
const step = (id: string, change: Partial<Job> = {}) =>
  job(id, { acidPlanId: 'plan', plannedKg: 12, sourceId: 'ammonium-sulfate', ...change })
const entry = (id: string, jobId: string, change: Partial<Entry> = {}): Entry => ({
  id,
  jobId,
  correctsId: null,
  isStruck: false,
  happenedOn: '2026-05-01',
  productKg: 10,
  sourceId: 'ammonium-sulfate',
  ...change,
})
const remedy = {
  id: 'spray',
  productId: null,
  sourceId: 'ferrous-sulfate',
  contentShare: 0.2,
  productKg: 3,
} as const
const story = (change: Partial<AppliedStory>): AppliedStory => ({
  jobs: [],
  entries: [],
  remedies: [remedy],
  ...change,
})

describe('entries that stand', () => {
  it('are none where a later one says that it did not happen, until another says that it did', () => {
    const chain = [
      { id: 'a', correctsId: null, isStruck: false },
      { id: 'b', correctsId: 'a', isStruck: true },
    ]
    expect(standingEntries(chain)).toEqual([])
    const back = [...chain, { id: 'c', correctsId: 'b', isStruck: false }]
    expect(standingEntries(back).map(({ id }) => id)).toEqual(['c'])
  })

  it('are those that no later one corrects', () => {
    const chain = [
      { id: 'a', correctsId: null, isStruck: false },
      { id: 'b', correctsId: 'a', isStruck: false },
      { id: 'c', correctsId: 'b', isStruck: false },
      { id: 'd', correctsId: null, isStruck: false },
    ]
    expect(standingEntries(chain).map(({ id }) => id)).toEqual(['c', 'd'])
  })
})

describe('applications', () => {
  it('of an acid plan bring what its amendment holds: nitrogen and sulfur', () => {
    const [planned] = applicationsOf(story({ jobs: [step('next')] }), [])
    expect(planned).toEqual({
      day: '2026-06-10',
      productKg: 12,
      contents: { N: 0.21, S: 0.24 },
      isPlanned: true,
    })
  })

  it('stand beside those of remedies, done and planned', () => {
    const jobs = [
      job('sprayed', { remedyId: 'spray', status: 'done', share: 1 }),
      job('again', { remedyId: 'spray', share: 0.5 }),
      step('first', { status: 'done' }),
      step('next'),
    ]
    const entries = [
      entry('e1', 'sprayed', { sourceId: 'ferrous-sulfate', productKg: 2.8 }),
      entry('e2', 'first', { productKg: 11 }),
    ]
    const all = applicationsOf(story({ jobs, entries }), [])
    expect(all.map(({ productKg, isPlanned }) => [productKg, isPlanned])).toEqual([
      [2.8, false],
      [11, false],
      [1.5, true],
      [12, true],
    ])
    expect(all[0]?.contents.Fe).toBe(0.2)
  })

  it('leave out what was dropped, looks and tests', () => {
    const jobs = [
      step('gone', { status: 'dropped' }),
      step('retest', { kind: 'test', plannedKg: null, sourceId: null }),
      job('look', { kind: 'look', remedyId: 'spray' }),
    ]
    expect(applicationsOf(story({ jobs }), [])).toEqual([])
  })

  it('go by the label where there is one', () => {
    const label = {
      analysis: { Fe: '12', N: '4' },
      chelated: '',
      waterSoluble: '',
      orthoOrtho: '',
      derivedFrom: '',
    }
    const contents = contentsOf({ ...remedy, productId: 'bag' }, [{ id: 'bag', label }])
    expect(contents).toMatchObject({ Fe: 0.12, N: 0.04 })
  })
})

describe('steps of acid plans that were done', () => {
  const jobs = [
    step('first', { status: 'done', sourceId: 'sulfur-granules' }),
    job('sprayed', { remedyId: 'spray', status: 'done' }),
  ]

  it('are by the ground, and the newest of a chain of corrections', () => {
    const entries = [
      entry('wrong', 'first', { sourceId: 'sulfur-granules', productKg: 20 }),
      entry('right', 'first', {
        sourceId: 'sulfur-granules',
        productKg: 8,
        correctsId: 'wrong',
        happenedOn: '2026-05-03',
      }),
    ]
    expect(acidStepsDone(story({ jobs, entries }), 400)).toEqual([
      { day: '2026-05-03', sourceId: 'sulfur-granules', kgPerM2: 0.02 },
    ])
  })

  it('are not sprays of iron sulfate, though that acidifies too', () => {
    const entries = [entry('spray', 'sprayed', { sourceId: 'ferrous-sulfate' })]
    expect(acidStepsDone(story({ jobs, entries }), 400)).toEqual([])
  })
})
