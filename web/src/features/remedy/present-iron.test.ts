import type { StandStoryDto } from '@spudder/contract/stand'
import { addDays } from '@spudder/core/base/calendar'
import { describe, expect, it } from 'vitest'
import { today } from '../../shared/units/today.ts'
import { presentIronOf } from './present-iron.ts'

const story = (measuredDaysAgo: number, dosedDaysAgo?: number) =>
  ({
    readings: [
      { kind: 'ironInSolution', value: 0.5, takenOn: addDays(today(), -measuredDaysAgo) },
      { kind: 'pH', value: 6.8, takenOn: today() },
    ],
    entries: dosedDaysAgo === undefined ? [] : [{ happenedOn: addDays(today(), -dosedDaysAgo) }],
  }) as StandStoryDto

describe('the iron that a solution holds already', () => {
  it('is what was measured last', () => {
    expect(presentIronOf(story(2))).toMatchObject({ mgPerL: 0.5, doubt: '' })
  })

  it('is doubted after a week, and after a dose', () => {
    expect(presentIronOf(story(9))?.doubt).toMatch(/more than a week/)
    expect(presentIronOf(story(2, 1))?.doubt).toMatch(/A dose went in/)
    expect(presentIronOf(story(2, 5))?.doubt).toBe('')
  })

  it('is unknown where nobody measured it', () => {
    expect(presentIronOf(undefined)).toBeUndefined()
    expect(presentIronOf({ ...story(2), readings: [] })).toBeUndefined()
  })
})
