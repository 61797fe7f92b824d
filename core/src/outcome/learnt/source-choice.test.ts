import { randomLcg, randomLogNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { responseFor } from '../../material/source/index.ts'
import type { PaidTreatment } from './open-questions.ts'
import { learnResponses, seenTreatments, sourceChoices, type LearningRecord } from './index.ts'
import { worthOfKnowing } from './source-choice.ts'

describe('what it is worth to know the cheaper of two', () => {
  it.each([
    [100, 0.2, 110, 0.3],
    [100, 0.4, 100, 0.4],
    [60, 0.1, 100, 0.5],
    [80, 0, 90, 0.35],
  ])(
    'is what choosing with the answer saves over many drawn years (%d ± %d, %d ± %d)',
    (a, sa, b, sb) => {
      const random = randomLcg(0.41)
      const drawn = (mean: number, doubt: number) => randomLogNormal.source(random)(Math.log(mean) - doubt ** 2 / 2, doubt) // prettier-ignore
      const [one, other] = [drawn(a, sa), drawn(b, sb)]
      const years = 60_000
      let saved = 0
      for (let year = 0; year < years; year++) saved += Math.min(a, b) - Math.min(one(), other())
      const worth = worthOfKnowing({ perYear: a, doubt: sa }, { perYear: b, doubt: sb })
      expect(Math.abs(worth - saved / years)).toBeLessThan(0.5)
    },
  )

  it('is nothing where both are known, and hardly anything where one is far dearer', () => {
    expect(worthOfKnowing({ perYear: 50, doubt: 0 }, { perYear: 60, doubt: 0 })).toBe(0)
    expect(worthOfKnowing({ perYear: 20, doubt: 0.2 }, { perYear: 90, doubt: 0.2 })).toBeLessThan(0.01) // prettier-ignore
  })
})

const on = '2026-06-01'
const treated = (given: Partial<PaidTreatment>): PaidTreatment => ({
  entryId: 'entry',
  standId: 'green',
  appliedOn: addDays(on, -300),
  route: 'leaf',
  sourceId: 'ferrous-sulfate',
  cost: 20,
  ...given,
})
const sprays = [-500, -470, -440, -300, -270, -240].map((days, at) =>
  treated({ entryId: `spray ${at}`, appliedOn: addDays(on, days) }),
)
const drench = treated({ entryId: 'drench', appliedOn: addDays(on, -200), route: 'soil', sourceId: 'fe-eddha', cost: 65 }) // prettier-ignore
const responseOf = ({ route, sourceId }: PaidTreatment) => responseFor(route, sourceId, 'turf').id
function choicesIn(treatments: readonly PaidTreatment[], asOf = on) {
  const record: LearningRecord = {
    stands: ['green', 'tee'].map((id) => ({ id, context: 'turf' as const })),
    colours: treatments.flatMap(({ standId, appliedOn }) =>
      [-1, 8].map((days) => ({
        standId,
        kind: 'turfColour' as const,
        value: days < 0 ? 4.5 : 6.8,
        method: 'eye' as const,
        takenOn: addDays(appliedOn, days),
      })),
    ),
    treatments,
  }
  const learnt = learnResponses(seenTreatments(record, []), on)
  return sourceChoices(learnt, treatments, responseOf, asOf)
}

describe('two treatments of one stand', () => {
  it('are set side by side by what a year of as many green days costs', () => {
    const [choice, ...more] = choicesIn([...sprays, drench])
    expect(more).toEqual([])
    if (!choice) throw new Error('no choice was found')
    const [cheap, dear] = choice.sides
    expect(choice.standId).toBe('green')
    expect(cheap.perYear).toBeLessThan(dear.perYear)
    expect([cheap.sourceId, dear.sourceId].toSorted()).toEqual(['fe-eddha', 'ferrous-sulfate'])
    for (const side of choice.sides) {
      expect(side.cost).toBe(side.sourceId === 'fe-eddha' ? 65 : 20)
      // Green days for money: as many of the one as of the other.
      const days = (side.perYear / Math.exp(side.doubt ** 2 / 2) / side.cost) * side.lasting * (1 - side.fails) // prettier-ignore
      const other = choice.sides.find((each) => each !== side) ?? side
      const others = (other.perYear / Math.exp(other.doubt ** 2 / 2) / other.cost) * other.lasting * (1 - other.fails) // prettier-ignore
      expect(days).toBeCloseTo(others, 6)
    }
    expect(choice.worth).toBeGreaterThan(0)
    expect(choice.worth).toBeCloseTo(worthOfKnowing(cheap, dear), 9)
  })

  it('are no choice on two stands, without a price, or long ago', () => {
    expect(choicesIn([...sprays, { ...drench, standId: 'tee' }])).toEqual([])
    expect(choicesIn([...sprays, { ...drench, cost: undefined }])).toEqual([])
    expect(choicesIn([...sprays, drench], addDays(on, 2000))).toEqual([])
    // Far too dear: nobody needs a trial for that.
    expect(choicesIn([...sprays, { ...drench, cost: 4000 }])).toEqual([])
  })

  it('come in the order of what knowing would save', () => {
    const at = (standId: string, times: number) =>
      [...sprays, drench].map((each) => ({ ...each, standId, cost: times * (each.cost ?? 0) }))
    const choices = choicesIn([...at('green', 5), ...at('tee', 15)])
    expect(choices.map(({ standId }) => standId)).toEqual(['tee', 'green'])
  })
})
