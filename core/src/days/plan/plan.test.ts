import { describe, expect, it } from 'vitest'
import { findRate, responseFor } from '../../material/source/index.ts'
import { jobsOfRemedy, type RemedyJobsInput } from './remedy-jobs.ts'

const spray: RemedyJobsInput = {
  applyOn: '2026-05-01',
  route: 'leaf',
  rate: findRate('leaf-sulfate-2-percent'),
  response: responseFor('leaf', 'ferrous-sulfate', 'turf'),
}
const dose: RemedyJobsInput = {
  applyOn: '2026-05-30',
  route: 'solution',
  rate: findRate('solution-aquaponic'),
  response: responseFor('solution', 'fe-dtpa', 'aquaponic'),
}
const listed = (input: RemedyJobsInput) =>
  jobsOfRemedy(input).map(({ kind, dueOn, after }) => [kind, dueOn, after?.index])

describe('jobsOfRemedy', () => {
  it('follows a spray by looks when the change and the full colour are due', () => {
    expect(listed(spray)).toEqual([
      ['apply', '2026-05-01', undefined],
      ['look', '2026-05-04', 0],
      ['look', '2026-05-08', 0],
    ])
  })

  it('marks the strip before the first application, and repeats link to the one before', () => {
    const jobs = jobsOfRemedy({ ...spray, strip: { share: 0.1 }, today: '2026-04-20', repeats: 2 })
    expect(jobs[0]).toMatchObject({ kind: 'strip', dueOn: '2026-04-30' })
    const sprays = jobs.filter(({ kind }) => kind === 'apply')
    // Two to four weeks by practice: three between.
    expect(sprays.map(({ dueOn }) => dueOn)).toEqual(['2026-05-01', '2026-05-22', '2026-06-12'])
    // What the strip would have got stays in the bag.
    expect(sprays.map(({ share }) => share)).toEqual([0.9, 0.9, 0.9])
    expect(sprays[0]?.after).toEqual({ index: 0, leastDays: 0 })
    expect(sprays[1]?.after).toMatchObject({ leastDays: 14 })
    expect(jobs[sprays[1]?.after?.index ?? -1]).toBe(sprays[0])
    expect(jobs.filter(({ kind }) => kind === 'look')).toHaveLength(6)
  })

  it('tests pH before a dose and shares it over three days, a third a day', () => {
    const jobs = jobsOfRemedy(dose)
    expect(jobs[0]).toMatchObject({ kind: 'test', dueOn: '2026-05-30' })
    const doses = jobs.filter(({ kind }) => kind === 'apply')
    expect(doses[0]?.after?.index).toBe(0)
    expect(doses.map(({ dueOn }) => dueOn)).toEqual(['2026-05-30', '2026-05-31', '2026-06-01'])
    expect(doses.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12)
    expect(doses[2]?.after).toMatchObject({ leastDays: 1 })
  })

  it('puts a partner that must be watered in out by itself, a day after the leaf spray', () => {
    const jobs = jobsOfRemedy({ ...spray, apart: ['Root fungicide'] })
    expect(jobs[1]).toMatchObject({
      kind: 'partner',
      subject: 'Root fungicide',
      dueOn: '2026-05-02',
      after: { index: 0, leastDays: 1 },
    })
  })

  it('comes again when the effect fades where the rate knows no interval, and tests at the end', () => {
    const rate = { intervalDays: undefined }
    const again = jobsOfRemedy({
      ...spray,
      rate,
      repeats: 1,
      retestOn: '2026-09-01',
    })
    expect(again.filter(({ kind }) => kind === 'apply')[1]?.after).toMatchObject({
      leastDays: 14,
      mostDays: 42,
    })
    expect(again.at(-1)).toMatchObject({ kind: 'test', dueOn: '2026-09-01' })
  })
})
