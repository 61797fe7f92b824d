import { describe, expect, it } from 'vitest'
import { findRate } from '../rate/index.ts'
import { responseFor } from '../regreening/index.ts'
import { jobsOfRemedy } from './index.ts'

describe('jobsOfRemedy', () => {
  it('follows a spray by looks when the change and the full colour are due', () => {
    const jobs = jobsOfRemedy({
      applyOn: '2026-05-01',
      sourceName: 'Ferrous sulfate',
      rate: findRate('leaf-sulfate-2-percent'),
      response: responseFor('leaf', 'ferrous-sulfate', 'turf'),
    })
    expect(jobs.map(({ kind, dueOn }) => [kind, dueOn])).toEqual([
      ['apply', '2026-05-01'],
      ['look', '2026-05-04'],
      ['look', '2026-05-08'],
    ])
  })

  it('shares a dose with fish over three days, a third a day', () => {
    const jobs = jobsOfRemedy({
      applyOn: '2026-05-30',
      sourceName: 'Fe-DTPA',
      rate: findRate('solution-aquaponic'),
      response: responseFor('solution', 'fe-dtpa', 'aquaponic'),
    })
    const doses = jobs.filter(({ kind }) => kind === 'apply')
    expect(doses.map(({ dueOn }) => dueOn)).toEqual(['2026-05-30', '2026-05-31', '2026-06-01'])
    expect(doses.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12)
  })
})
