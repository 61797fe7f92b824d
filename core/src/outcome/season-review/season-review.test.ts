import { describe, expect, it } from 'vitest'
import { findSource } from '../../material/source/index.ts'
import { changesFor, type SeasonCase, type SeasonRecord } from './index.ts'
import { colour, day, greened, review, season, spray } from './tests/index.ts'

const onStand = (record: SeasonRecord, standId = 'green') =>
  review(record).stands.find((each) => each.standId === standId)
const kindsOf = (record: SeasonRecord) => changesFor(review(record)).map(({ kind }) => kind)

describe('what a green day cost', () => {
  it('is all that was spent, shared out over the days that were green', () => {
    const stand = onStand(season({ colours: greened }))
    expect(stand?.spent).toEqual({
      products: 10,
      atUsualPrice: 0,
      unpriced: 0,
      trips: 8,
      checks: 0,
      total: 18,
    })
    expect(stand?.green.usual).toBeGreaterThan(20)
    expect(stand?.perGreenDay?.usual).toBeCloseTo(18 / (stand?.green.usual ?? 0), 9)
    expect(stand?.perGreenDay?.low).toBeLessThanOrEqual(stand?.perGreenDay?.usual ?? 0)
  })

  it('shares a way out among the stands it served, and counts what has no price as such', () => {
    const entries = [spray(20), spray(20, { standId: 'lawn', cost: undefined })]
    const { stands, total } = review(season({ entries }))
    expect(stands.map(({ spent }) => spent.trips)).toEqual([4, 4])
    // Two kilograms at what such a product usually costs.
    const usual = 2 * findSource('ferrous-sulfate').pricePerKg.usual
    expect(total.spent).toMatchObject({ products: 10 + usual, atUsualPrice: usual, unpriced: 1, trips: 8 }) // prettier-ignore
    expect(total.perGreenDay).toBeUndefined()
  })

  it('has the checks of its cases in it, and nothing of another year', () => {
    const check = {
      checkId: 'pH',
      name: 'Measure pH',
      money: 5,
      effort: 9,
      changes: false,
      worth: 0,
    }
    const cases = [{ ...openCase, checks: [check] }]
    const before = { ...openCase, id: 'before', openedOn: day(-200), checks: [check] }
    cases.push(before)
    const entries = [spray(-200), spray(20)]
    expect(onStand(season({ cases, entries }))?.spent).toMatchObject({ products: 10, checks: 5 })
  })
})
const openCase: SeasonCase = {
  id: 'case',
  standId: 'green',
  openedOn: day(0),
  closedOn: null,
  outcome: null,
  found: { name: 'Iron tied up by high pH', probability: 0.5 },
  acted: { on: day(20), state: 'settled', right: 0.8 },
  checks: [],
}

describe('what was gained', () => {
  it('is the days that were green and would not have been, had it stayed as it was', () => {
    const [source] = review(season({ colours: greened })).sources
    expect(source).toMatchObject({ standId: 'green', told: 1, watched: 1 })
    // Known from the spray on day 20 to eight days after the last look; green from about the third day on.
    expect(source?.gained.usual).toBeGreaterThan(22)
    expect(source?.gained.usual).toBeLessThan(28)
    expect(source?.answered).toBeGreaterThan(0.9)
    expect(source?.perGainedDay).toBeCloseTo(10 / (source?.gained.usual ?? 0), 9)
  })

  it('is nothing where an untreated strip greened as well', () => {
    const strip = [19, 24, 28, 32, 36, 40].map((days) => colour(days, days < 20 ? 4 : 8, { place: 'untreated' })) // prettier-ignore
    const [source] = review(season({ colours: [...greened, ...strip] })).sources
    expect(source?.treatments[0]?.isAgainstStrip).toBe(true)
    expect(source?.gained.usual).toBeLessThan(3)
  })

  it('is less where leaves green by themselves in those weeks, as far as the place taught it', () => {
    // Three years in which nobody treated it: palest in March, green in September.
    const years = [1, 2, 3].flatMap((back) =>
      Array.from({ length: 18 }, (_, at) => {
        const days = 20 * at - 120
        const value = 6.2 - 2.2 * Math.cos((2 * Math.PI * (days + 20)) / 365.25)
        return colour(days - 365 * back, value)
      }),
    )
    const now = [...[0, 7, 14, 19].map((days) => colour(days, 5.6)), ...greened.slice(4)]
    const record = season({ colours: [...years, ...now] })
    const gained = (learns: boolean) =>
      review(record, '2026-01-01', '2026-12-31', learns).sources[0]?.gained.usual ?? NaN
    expect(gained(false)).toBeGreaterThan(20)
    expect(gained(true)).toBeLessThan(0.6 * gained(false))
  })

  it('goes on from what was before the first of a run, however green the later found it', () => {
    const entries = [spray(20), spray(34)]
    const [source] = review(season({ colours: greened, entries })).sources
    const alone = review(season({ colours: greened })).sources[0]
    expect(source?.treatments.map(({ sinceLast }) => sinceLast)).toEqual([undefined, 14])
    expect(source?.gained.usual).toBeCloseTo(alone?.gained.usual ?? 0, 6)
  })

  it('is of a dose, whose shares over some days are one', () => {
    const entries = [16, 18, 20].map((days) => spray(days))
    const told = review(season({ colours: greened, entries }))
    expect(told.sources[0]?.treatments).toHaveLength(1)
    expect(told.sources[0]).toMatchObject({ cost: 30, watched: 1 })
    expect(told.sources[0]?.treatments[0]?.entry).toMatchObject({ appliedOn: day(20), productKg: 6 }) // prettier-ignore
    expect(told.total.spent).toMatchObject({ products: 30, trips: 24 })
    expect(changesFor(told).map(({ kind }) => kind)).not.toContain('too-soon')
  })

  it('cannot be told where nobody looked before or after', () => {
    const colours = greened.filter(({ takenOn }) => takenOn > day(20))
    const [source] = review(season({ colours })).sources
    expect(source).toMatchObject({ told: 0, watched: 0, answered: undefined })
    expect(source?.perGainedDay).toBeUndefined()
  })

  it('is not asked of a step of an acid plan, which costs all the same', () => {
    const entries = [spray(20, { caseId: null })]
    const told = review(season({ colours: greened, entries }))
    expect(told.sources).toEqual([])
    expect(told.total.spent.products).toBe(10)
  })
})

describe('what cannot be told', () => {
  it('is what a treatment gains before it is due in full', () => {
    const record = season({ colours: greened })
    const at = (to: string) => review(record, '2026-01-01', to).sources[0]
    expect(at(day(24))).toMatchObject({ told: 0, treatments: [{ isEarly: true }] })
    expect(at(day(60))?.told).toBe(1)
    expect(changesFor(review(record, '2026-01-01', day(24))).map(({ kind }) => kind)).not.toContain('did-nothing') // prettier-ignore
  })

  it('is how green a plant is that rests, where it is known where the place lies', () => {
    const winter = [colour(-80, 3), colour(-70, 3), colour(30, 7)]
    const of = (plantId: string) =>
      onStand({
        ...season({ colours: winter, entries: [] }),
        stands: [
          { id: 'green', name: 'Bowling green', context: 'turf', plantId, paleLossPerDay: 6 },
        ],
      })
    expect(of('creeping-bentgrass')?.paleFrom).toBe(day(-80))
    expect(of('bermudagrass')?.paleFrom).toBeUndefined()
    expect(of('bermudagrass')?.known).toBe(17)
  })
})

describe('what to change', () => {
  const stayed = [0, 7, 14, 19, 24, 28, 32, 36, 40, 45].map((days) => colour(days, 4))

  it('names what did nothing, with the money that went for it', () => {
    const [first] = changesFor(review(season({ colours: stayed })))
    expect(first).toMatchObject({ kind: 'did-nothing', standId: 'green', stake: 10 })
    expect(first?.words).toMatch(/Bowling green: Ferrous sulfate more likely did nothing/)
    expect(kindsOf(season({ colours: greened }))).not.toContain('did-nothing')
  })

  it('names what went out too soon, and what came too late', () => {
    const early = season({ colours: greened, entries: [spray(20), spray(28)] })
    expect(kindsOf(early)).toContain('too-soon')
    const late = [...greened, ...[46, 52, 55, 60].map((days) => colour(days, 4))]
    const kinds = kindsOf(season({ colours: late, entries: [spray(20), spray(55)] }))
    expect(kinds).toContain('too-late')
    expect(kinds).not.toContain('too-soon')
  })

  it('names a stand that was pale long before anything went out, and one that nobody looked at after', () => {
    expect(kindsOf(season({ colours: greened }))).toContain('pale-first')
    const unseen = season({ colours: [colour(19, 4), colour(60, 8)] })
    expect(kindsOf(unseen)).toEqual(['unseen'])
  })

  it('names who acted on an open verdict, uses without a price, and the dearer of two sources', () => {
    const acted = { on: day(20), state: 'open', right: 0.4 } as const
    expect(kindsOf(season({ cases: [{ ...openCase, acted }] }))).toContain('unsure-cause')
    expect(kindsOf(season({ cases: [openCase] }))).not.toContain('unsure-cause')
    expect(kindsOf(season({ entries: [spray(20, { cost: undefined })] }))).toContain('no-price')
    const colours = [...greened, ...[90, 99].map((days) => colour(days, 4)), ...[104, 110, 116, 120].map((days) => colour(days, 8))] // prettier-ignore
    const entries = [spray(20), spray(100, { appliedName: 'Greener', cost: 50 })]
    const [first] = changesFor(review(season({ colours, entries })))
    expect(first).toMatchObject({ kind: 'dearer', stake: 50 })
    expect(first?.words).toMatch(/by Greener cost \d/)
  })
})
