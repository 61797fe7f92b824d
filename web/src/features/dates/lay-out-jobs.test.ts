import { describe, expect, it } from 'vitest'
import { timeScale } from '../../shared/ribbon/time-axis.ts'
import { jobRow } from '../../tests/rows.ts'
import { windowFor } from './dates-view.ts'
import { layOutJobs } from './lay-out-jobs.ts'

const job = (id: string, dueOn: string, startsAt: string | null = null) =>
  jobRow({ id, dueOn, startsAt })
const placed = (view: 'day' | 'week' | 'season', jobs: ReturnType<typeof job>[]) => {
  const window = windowFor(view, '2026-06-20')
  const days = view === 'day' ? 1 : view === 'week' ? 7 : 120
  const scale = timeScale(window, 840)
  return layOutJobs(jobs, scale, { dayWidth: 840 / days, dayOf: ({ dueOn }) => dueOn })
}

describe('layOutJobs', () => {
  it('puts jobs of one day under each other, and others beside them', () => {
    const laid = placed('week', [
      job('b', '2026-06-20'),
      job('a', '2026-06-20'),
      job('c', '2026-06-22'),
    ])
    expect(laid.map(({ job: { id }, line, x }) => [id, line, x])).toEqual([
      ['a', 0, 0],
      ['b', 1, 0],
      ['c', 0, 240],
    ])
    expect(laid[0]?.hasWords).toBe(true)
  })

  it('stands by its hour where one day is shown, and by its day alone in a season', () => {
    expect(placed('day', [job('a', '2026-06-20', '06:30')])[0]?.x).toBeCloseTo((6.5 / 24) * 840, 6)
    const [shown] = placed('season', [job('a', '2026-06-20', '06:30')])
    expect(shown).toMatchObject({ hasWords: false, width: 20 })
    expect(shown?.x).toBeCloseTo(70, 6)
  })

  it('leaves out what lies beyond the view', () => {
    expect(placed('week', [job('a', '2026-07-20'), job('b', '2026-06-01')])).toEqual([])
  })
})
