import { describe, expect, it } from 'vitest'
import { responseFor } from '../../material/source/index.ts'
import { bestInterval } from '../regreening/index.ts'
import type { UntreatedCourse } from '../untreated/index.ts'
import { nextSeason } from './index.ts'
import { colour, greened, review, season, spray } from './tests/index.ts'

describe('the next season', () => {
  it('starts from a look a fortnight before it went pale, in the next year or tomorrow', () => {
    const told = review(season({ colours: greened }))
    const [look] = nextSeason(told, { planned: [], today: '2026-10-01' }).looks
    // It may have been pale before; nobody looked.
    expect(look).toMatchObject({ standId: 'green', paleFrom: '2026-04-01', lookOn: '2027-03-18' })
    expect(nextSeason(told, { planned: [], today: '2027-03-20' }).looks[0]?.lookOn).toBe(
      '2027-03-21',
    )
    // Where that day is past there is nothing to look ahead to.
    expect(nextSeason(told, { planned: [], today: '2027-04-01' }).looks).toEqual([])
  })

  it('starts before it mostly goes pale, where its years tell when that is', () => {
    const told = review(season({ colours: greened }))
    const course = (looks: number): UntreatedCourse => ({
      on: '2026-10-01',
      looks: [],
      knowsTooLittle: false,
      stands: [
        {
          standId: 'green',
          looks,
          ofStrip: 0,
          knowsTooLittle: looks < 4,
          weeks: [],
          pale: [
            { from: '2026-10-02', to: '2026-10-08', chance: 0.6 },
            { from: '2027-03-02', to: '2027-04-08', chance: 0.8 },
          ],
        },
      ],
    })
    const first = (courses: UntreatedCourse) =>
      nextSeason(told, { planned: [], courses, today: '2026-10-01' }).looks[0]
    expect(first(course(12))).toMatchObject({ expectedFrom: '2027-03-02', lookOn: '2027-02-16' })
    expect(first(course(2))).toMatchObject({ expectedFrom: undefined, lookOn: '2027-03-18' })
  })

  it('knows the look that is planned about then', () => {
    const told = review(season({ colours: greened }))
    const plannedOn = (dueOn: string, standId = 'green') =>
      nextSeason(told, { planned: [{ standId, dueOn }], today: '2026-10-01' }).looks[0]?.plannedOn
    expect(plannedOn('2027-03-25')).toBe('2027-03-25')
    expect(plannedOn('2027-04-25')).toBeUndefined()
    expect(plannedOn('2027-03-25', 'lawn')).toBeUndefined()
  })

  it('needs as many treatments as keep it green as long, and none of what did nothing', () => {
    const entries = [20, 27, 34].map((days) => spray(days))
    const [need] = nextSeason(review(season({ colours: greened, entries })), {
      planned: [],
      today: '2026-10-01',
    }).needs
    // Some 25 days in which three were put out, at what costs least.
    const { days } = bestInterval({ response: responseFor('leaf', 'ferrous-sulfate', 'turf'), untreated: 3 / 8, cost: 10 + 8, paleLossPerDay: 6 }) // prettier-ignore
    expect(need).toMatchObject({ treatments: 2, interval: { days }, productKg: 4, cost: 20 })
    const stayed = [0, 7, 14, 19, 24, 28, 32, 36].map((days) => colour(days, 4))
    expect(
      nextSeason(review(season({ colours: stayed })), { planned: [], today: '2026-10-01' }).needs,
    ).toEqual([])
  })

  it('knows a day that the next year does not have', () => {
    const leap = { ...colour(0, 4), takenOn: '2028-02-29' }
    const told = review(season({ colours: [leap], entries: [] }), '2028-02-29', '2028-12-31')
    expect(nextSeason(told, { planned: [], today: '2028-10-01' }).looks[0]?.lookOn).toBe(
      '2029-02-15',
    )
  })
})
