import type { EntryDto } from '@spudder/contract/entry'
import { addDays } from '@spudder/core/base/calendar'
import { nothingKnown } from '../known/known.ts'
import { describe, expect, it } from 'vitest'
import { standingEntries } from '@spudder/core/days/entry'
import { ribbonModel, type RibbonSource } from './ribbon-model.ts'

const today = '2026-06-30'
const colour = (daysAgo: number, value: number) =>
  ({ kind: 'turfColour', value, method: 'eye', takenOn: addDays(today, -daysAgo) }) as const
const entry = (id: string, correctsId: string | null = null) =>
  ({
    id,
    correctsId,
    happenedOn: today,
    route: 'leaf',
    sourceId: 'fe-dtpa',
    appliedName: 'Fe-DTPA',
  }) as EntryDto
const empty: RibbonSource = {
  stand: { id: 'green', context: 'turf' },
  readings: [],
  events: [],
  entries: [],
  jobs: [],
}
const modelOf = (source: Partial<RibbonSource>) =>
  ribbonModel({ ...empty, ...source }, nothingKnown, today, addDays(today, 60))

describe('ribbonModel', () => {
  it('says how the stand looks now, in its own scale', () => {
    const { now } = modelOf({ readings: [colour(20, 7), colour(3, 4)] })
    expect(now).toMatchObject({ words: 'yellow', figure: 'colour 4 of 9', day: addDays(today, -3) })
  })

  it('hatches where nobody looked, and up to today', () => {
    const { unseen } = modelOf({ readings: [colour(90, 7), colour(83, 7), colour(30, 7)] })
    expect(unseen).toHaveLength(2)
    expect(unseen[0]?.from).toBe(addDays(today, -75))
    expect(unseen[1]?.to).toBe(today)
  })

  it('expects greening from a planned spray, not without one', () => {
    const job = { kind: 'apply', status: 'planned', dueOn: addDays(today, 2), route: 'leaf' }
    const spray = { ...job, sourceId: 'ferrous-sulfate', acidPlanId: null }
    const jobs = [spray] as unknown as RibbonSource['jobs']
    const readings = [colour(1, 4)]
    const best = (model: ReturnType<typeof modelOf>) =>
      Math.max(...model.expected.map(({ usual }) => usual))
    expect(best(modelOf({ readings, jobs }))).toBeGreaterThan(best(modelOf({ readings })) + 0.3)
    // A step of an acid plan is for the ground.
    const step = [{ ...spray, acidPlanId: 'plan' }] as unknown as RibbonSource['jobs']
    expect(best(modelOf({ readings, jobs: step }))).toBe(best(modelOf({ readings })))
  })

  it('marks tests and applications, not colour readings', () => {
    const pH = { kind: 'pH', value: 7.8, method: 'meter', takenOn: today } as const
    const { marks } = modelOf({ readings: [colour(3, 4), pH], entries: [entry('a')] })
    expect(marks.map(({ kind, words }) => `${kind} ${words}`)).toEqual([
      'tested pH 7.8',
      'applied Fe-DTPA',
    ])
  })

  it('shows nothing, without failing, for a stand nobody looked at', () => {
    expect(modelOf({})).toMatchObject({ seen: [], expected: [], now: undefined })
  })
})

describe('standingEntries', () => {
  it('leaves out what was corrected, through a chain', () => {
    const chain = [entry('a'), entry('b', 'a'), entry('c', 'b'), entry('d')]
    expect(standingEntries(chain).map(({ id }) => id)).toEqual(['c', 'd'])
  })
})
