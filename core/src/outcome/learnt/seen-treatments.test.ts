import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { greennessOf } from '../../seen/colour/index.ts'
import { eyesOf, planSitting } from '../../seen/eye/index.ts'
import {
  lessonRows,
  openQuestions,
  learnResponses,
  seenTreatments,
  type KeptColour,
  type LearningRecord,
} from './index.ts'

const day = (days: number) => addDays('2026-04-01', days)
const colour = (days: number, value: number, change: Partial<KeptColour> = {}): KeptColour => ({
  standId: 'green',
  kind: 'turfColour',
  value,
  method: 'eye',
  takenOn: day(days),
  ratedBy: 'Marla Quist',
  ...change,
})
const spray = (days: number, standId = 'green') =>
  ({
    entryId: `${standId} ${days}`,
    standId,
    appliedOn: day(days),
    route: 'leaf',
    sourceId: 'ferrous-sulfate',
  }) as const
const record = (change: Partial<LearningRecord> = {}): LearningRecord => ({
  stands: [
    { id: 'green', context: 'turf' },
    { id: 'avenue', context: 'tree' },
  ],
  colours: [colour(-3, 4), colour(6, 7), colour(14, 6.5)],
  treatments: [spray(0)],
  ...change,
})
const seenDays = (of: LearningRecord) =>
  seenTreatments(of, []).map(({ seen }) => seen.map((each) => each.day))

describe('the treatments that were seen', () => {
  it('begin from the last colour before, if it is not too old', () => {
    const [treatment] = seenTreatments(record(), [])
    expect(treatment).toMatchObject({ entryId: 'green 0', before: { day: day(-3) } })
    expect(treatment?.before.greenness).toBe(greennessOf('turfColour', 4))
    expect(seenTreatments(record({ colours: [colour(-30, 4), colour(6, 7)] }), [])).toEqual([])
    expect(seenTreatments(record({ colours: [colour(6, 7)] }), [])).toEqual([])
  })

  it('are told by what was seen until the next, and not long after it was gone', () => {
    const colours = [-3, 6, 14, 20, 30, 300].map((days) => colour(days, 6))
    expect(seenDays(record({ colours, treatments: [spray(0), spray(20)] }))).toEqual([
      [day(6), day(14), day(20)],
      [day(30)],
    ])
  })

  it('given in shares count once, on the day of the last', () => {
    const treatments = [spray(0), spray(3), spray(6)]
    expect(seenTreatments(record({ treatments }), []).map(({ appliedOn }) => appliedOn)).toEqual([
      day(6),
    ])
  })

  it('have the colours of an untreated strip beside them, and never among their own', () => {
    const colours = [colour(-3, 4), colour(6, 7), colour(6, 4.5, { place: 'untreated' })]
    const [treatment] = seenTreatments(record({ colours }), [])
    expect(treatment?.seen).toHaveLength(1)
    expect(treatment?.untreated).toMatchObject([{ greenness: greennessOf('turfColour', 4.5) }])
  })

  it('of one stand are not told by the colours of another, and answer as their kind of stand does', () => {
    const colours = [colour(-3, 4, { standId: 'avenue' }), colour(6, 7)]
    expect(seenTreatments(record({ colours }), [])).toEqual([])
    const treatments = [{ ...spray(0, 'avenue'), route: 'soil', sourceId: 'fe-eddha' } as const]
    const [treatment] = seenTreatments(record({ colours, treatments }), [])
    expect(treatment?.response.label).toContain('tree')
  })

  it('of a stand that is not there are an error', () => {
    expect(() => seenTreatments(record({ treatments: [spray(0, 'gone')] }), [])).toThrow(/gone/)
  })

  it('are put right by the eye that rated them', () => {
    const seed = 0.3
    const plan = planSitting('turfColour', seed)
    const eyes = eyesOf([
      {
        id: 'sitting',
        scale: 'turfColour',
        createdBy: 'Marla Quist',
        ratedOn: day(-20),
        shown: plan,
        said: plan.map(({ truth }, at) => Math.min(9, truth + (at % 2 === 0 ? 1 : 0.9))),
      },
    ])
    const [asSaid] = seenTreatments(record(), [])
    const [putRight] = seenTreatments(record(), eyes)
    expect(putRight?.before.greenness).toBeLessThan((asSaid?.before.greenness ?? 0) - 0.05)
  })
})

describe('the rows of a lesson', () => {
  const learnt = (of: LearningRecord) => {
    const [found] = learnResponses(seenTreatments(of, []), day(200)).values()
    if (!found) throw new Error('nothing was learnt')
    return found
  }

  it('keep what is published where hardly anything was seen', () => {
    const rows = lessonRows(learnt(record({ colours: [colour(-3, 4), colour(2, 4)] })), 'green')
    const lasting = rows.find(({ name }) => name === 'lasting')
    expect(lasting).toMatchObject({ unit: 'days', seen: undefined, knowsTooLittle: true })
    expect(Math.abs((lasting?.here.low ?? 0) - (lasting?.published.low ?? 0))).toBeLessThan(2)
    expect(Math.abs((lasting?.here.high ?? 0) - (lasting?.published.high ?? 0))).toBeLessThan(3)
  })

  it('set prior, data and posterior side by side, the last between the first two', () => {
    const start = [0, 60, 120, 180]
    const colours = start.flatMap((at) =>
      [-2, 4, 8, 14, 20, 27, 34, 45].map((days, index) =>
        colour(at + days, [4, 6, 7.4, 7.5, 7.5, 7.4, 7.2, 6.6][index] ?? 4),
      ),
    )
    const rows = lessonRows(learnt(record({ colours, treatments: start.map((at) => spray(at)) })), 'green') // prettier-ignore
    const middle = ({ low, high }: { low: number; high: number }) => Math.sqrt(low * high)
    const lasting = rows.find(({ name }) => name === 'lasting')
    if (!lasting?.seen) throw new Error('nothing was seen of how long it lasts')
    expect(lasting.seen.count).toBe(4)
    expect(middle(lasting.here)).toBeGreaterThan(middle(lasting.published))
    expect(middle(lasting.here)).toBeLessThan(lasting.seen.value)
    const failing = rows.find(({ name }) => name === 'failing')
    expect(failing?.seen?.value).toBeLessThan(0.1)
    expect(failing?.here.mean).toBeLessThan(failing?.published.mean ?? 0)
  })
})

describe('what a place does not know', () => {
  const on = day(400)
  const all = [spray(0), spray(60), spray(120)].map((each) => ({ ...each, cost: 40 }))
  const learnt = learnResponses(
    seenTreatments(record({ colours: [-2, 7, 58, 66].map((days) => colour(days, 5)) }), []),
    on,
  )
  const id = [...learnt.keys()][0] ?? ''
  const asked = (treatments: Parameters<typeof openQuestions>[1]) =>
    openQuestions(learnt, treatments, () => id, on)

  it('is told by the money that hangs on it, where most was put out', () => {
    const [first, second] = asked(all)
    expect(first?.standId).toBe('green')
    expect(first?.perYear.cost).toBeCloseTo(120 / (400 / 365), 6)
    expect([first?.name, second?.name].toSorted()).toEqual(['failing', 'lasting'])
    expect(first?.unsure).toBeGreaterThanOrEqual(second?.unsure ?? 1)
    const lasting = [first, second].find((each) => each?.name === 'lasting')
    expect(lasting?.unsure).toBeCloseTo(1 - (lasting?.low ?? 0) / (lasting?.high ?? 1), 9)
  })

  it('without a price is told by how often it is done; of what has no price the others tell', () => {
    const [unpriced] = asked([spray(0), spray(60)])
    expect(unpriced?.perYear).toMatchObject({ cost: undefined })
    const half = asked([{ ...spray(0), cost: 40 }, spray(60)])[0]?.perYear.cost
    expect(half).toBeCloseTo(80 / (400 / 365), 6)
  })

  it('is nothing of what was not done for three years', () => {
    expect(openQuestions(learnt, all, () => id, day(2000))).toEqual([])
  })
})
