import { randomLcg, randomNormal, randomUniform } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { learntOf } from '../../base/statistics/index.ts'
import type { Context } from '../../stand/plant/index.ts'
import {
  comparedMeasures,
  instrumentRows,
  learnInstruments,
  readRight,
  type KeptMeasure,
} from './index.ts'

const on = '2026-06-30'
let stored = 0
const measure = (given: Partial<KeptMeasure>): KeptMeasure => ({
  readingId: `reading-${stored++}`,
  standId: 'green',
  kind: 'pH',
  value: 7.4,
  method: 'laboratory',
  takenOn: '2026-04-02',
  instrument: '',
  ...given,
})
const strip = (given: Partial<KeptMeasure>) => measure({ method: 'strip', ...given })
const learnt = (measures: readonly KeptMeasure[], context: Context = 'turf') =>
  learnInstruments(
    measures,
    [...new Set(measures.map(({ standId }) => standId))].map((id) => ({ id, context })),
    on,
  )
/** A strip beside a laboratory, some times, each time so far above it. */
const beside = (above: readonly number[], given: Partial<KeptMeasure> = {}) =>
  above.flatMap((each, at) => {
    const takenOn = addDays('2026-01-10', 20 * at)
    return [measure({ takenOn }), strip({ takenOn, value: 7.4 + each, ...given })]
  })

describe('what a kit reads beside a laboratory', () => {
  it('is taken out of its readings, drawn to nothing where little was seen', () => {
    const six = learnt(beside([-0.6, -0.5, -0.4, -0.6, -0.5, -0.5]))
    const one = learnt(beside([-0.5]))
    const said = strip({ value: 7 })
    const [right, hardly] = [readRight(six, said), readRight(one, said)]
    expect(right.value).toBeGreaterThan(7.3)
    expect(right.value).toBeLessThan(7.5)
    expect(hardly.value).toBeGreaterThan(7)
    expect(hardly.value).toBeLessThan(7.3)
    // It said much the same each time: it is surer than strips are.
    expect(right.doubt).toBeLessThan(0.4)
    expect(instrumentRows(one)[0]?.knowsTooLittle).toBe(true)
    const [row] = instrumentRows(six)
    expect(row).toMatchObject({ instrument: '', usualDoubt: 0.5, knowsTooLittle: false })
    expect(row?.seen).toBeCloseTo(-3.1 / 6, 6)
    // As it is put right, so it is told.
    expect(row?.here.mean).toBeCloseTo(said.value - right.value, 6)
    expect(row?.here.deviation).toBeCloseTo(right.doubt ?? NaN, 6)
  })

  it('is that of each instrument by its name', () => {
    const ways = learnt([
      ...beside([0.7, 0.6, 0.7, 0.8], { instrument: 'old box' }),
      ...beside([0, 0.1, -0.1, 0], { instrument: 'new box' }),
    ])
    const old = readRight(ways, strip({ value: 7, instrument: 'old box' })).value
    const fresh = readRight(ways, strip({ value: 7, instrument: 'new box' })).value
    expect(old).toBeLessThan(6.6)
    expect(fresh).toBeGreaterThan(6.85)
    const unnamed = readRight(ways, strip({ value: 7 })).value
    expect(unnamed).toBeGreaterThan(old)
    expect(unnamed).toBeLessThan(fresh)
  })

  it('leaves what was never compared, a laboratory, and a doubt that was given', () => {
    const ways = learnt(beside([0.5, 0.5, 0.5]))
    const vial = measure({ method: 'vial' })
    expect(readRight(ways, vial)).toBe(vial)
    const laboratory = measure({})
    expect(readRight(ways, laboratory)).toBe(laboratory)
    expect(readRight(ways, strip({ doubt: 0.1 })).doubt).toBe(0.1)
  })

  it('stays within what can be read', () => {
    const ways = learnt(beside([1, 1, 1, 1]))
    expect(readRight(ways, strip({ value: 2.6 })).value).toBe(2.5)
  })
})

describe('readings of one thing', () => {
  const pairsOf = (measures: readonly KeptMeasure[], context?: Context) =>
    learnt(measures, context).flatMap(({ pairs }) => pairs)

  it('are at most a week apart in the ground, and of one day in a solution', () => {
    const apart = (days: number) => [
      measure({}),
      strip({ takenOn: addDays('2026-04-02', days), value: 7 }),
    ]
    expect(pairsOf(apart(7))).toHaveLength(1)
    expect(pairsOf(apart(8))).toHaveLength(0)
    expect(pairsOf(apart(1), 'hydroponic')).toHaveLength(0)
    expect(pairsOf(apart(0), 'hydroponic')).toHaveLength(1)
  })

  it('are of one spot, one stand and one kind, by a day that has come', () => {
    expect(pairsOf([measure({ place: 'healthy' }), strip({ place: 'sick' })])).toHaveLength(0)
    expect(pairsOf([measure({ place: 'whole' }), strip({ place: null })])).toHaveLength(1)
    expect(pairsOf([measure({ standId: 'tee' }), strip({})])).toHaveLength(0)
    expect(pairsOf([measure({ kind: 'hardness', value: 90 }), strip({})])).toHaveLength(0)
    const later = '2026-07-01'
    expect(pairsOf([measure({ takenOn: later }), strip({ takenOn: later })])).toHaveLength(0)
  })

  it('of a stand that is not there are a fault', () => {
    const both = [measure({}), strip({})]
    expect(() => learnInstruments(both, [], on)).toThrow(/stands.*green/)
  })

  it('are compared as in water, whatever they were made ready in', () => {
    const [pair] = pairsOf([measure({ preparation: 'calcium-chloride' }), strip({ value: 7.95 })])
    expect(pair?.above).toBeCloseTo(0, 6)
  })

  it('are the nearest of a laboratory', () => {
    const [pair] = pairsOf([measure({ takenOn: '2026-03-28' }), measure({ value: 7.1 }), strip({})])
    expect(pair?.laboratory.value).toBe(7.1)
  })

  it('alone are kept for comparing', () => {
    const lone = strip({ standId: 'tee' })
    expect(comparedMeasures([lone, measure({}), strip({})])).toHaveLength(2)
    expect(comparedMeasures([measure({}), measure({})])).toHaveLength(0)
  })
})

/** Made-up places, each with two boxes of strips of which the bias is known. */
describe('made-up boxes', () => {
  const random = randomLcg(11)
  const bell = randomNormal.source(random)(0, 1)
  const pH = randomUniform.source(random)(6, 8.2)
  const usual = 0.5
  let [held, nearer, raw, put] = [0, 0, 0, 0]
  const places = 300
  for (let place = 0; place < places; place += 1) {
    const ofKind = Math.sqrt(0.15) * usual * bell()
    const boxes = ['one', 'two'].map((instrument) => ({
      instrument,
      bias: ofKind + Math.sqrt(0.35) * usual * bell(),
    }))
    const spread = Math.sqrt(0.5) * usual
    const read = (truth: number, { instrument, bias }: (typeof boxes)[number], takenOn: string) =>
      strip({ value: truth + bias + spread * bell(), instrument, takenOn })
    const measures = boxes.flatMap((box, of) =>
      Array.from({ length: 2 + 3 * of }, (_, at) => {
        const truth = pH()
        const takenOn = addDays('2026-02-01', 14 * at + of)
        const standId = `${box.instrument}-${at}`
        const laboratory = measure({ value: truth + 0.1 * bell(), takenOn, standId })
        return [laboratory, { ...read(truth, box, takenOn), standId }]
      }).flat(),
    )
    const ways = learnt(measures)
    const [box] = boxes
    if (!box || !ways[0]) throw new Error('made up without a box')
    const own = learntOf(ways[0].above, box.instrument).own
    if (Math.abs(own.mean - box.bias / usual) <= 1.645 * own.deviation) held += 1
    const truth = pH()
    const said = read(truth, box, on)
    const right = readRight(ways, said)
    raw += Math.abs(said.value - truth)
    put += Math.abs(right.value - truth)
    if (Math.abs(right.value - truth) <= 1.645 * (right.doubt ?? 0)) nearer += 1
  }

  it('lie within nine of ten intervals as often as those say', () => {
    expect(held / places).toBeGreaterThan(0.85)
    expect(held / places).toBeLessThan(0.95)
    expect(nearer / places).toBeGreaterThan(0.85)
    expect(nearer / places).toBeLessThan(0.95)
  })

  it('are nearer to the truth put right than as they were read', () => {
    expect(put / raw).toBeLessThan(0.92)
  })
})
