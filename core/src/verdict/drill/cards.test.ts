import { createEmptyCard, fsrs, Rating } from 'ts-fsrs'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import {
  cardsOf,
  chooseNext,
  doneOf,
  summaryOf,
  syllabusOf,
  type DrillDone,
  type KeptDrill,
} from './index.ts'

const done = (part: Partial<DrillDone>): DrillDone => ({
  kind: 'look',
  context: 'turf',
  causeId: 'nitrogen-short',
  saidId: part.causeId ?? 'nitrogen-short',
  offered: ['nitrogen-short', 'zinc-short'],
  shares: [[0.6, 0.4]],
  answeredOn: '2026-03-01',
  right: 1,
  regret: 0,
  ...part,
})

describe('what is known of a cause', () => {
  it('is due again when FSRS says so, later the oftener it was right', () => {
    const [once] = cardsOf([done({})], '2026-03-01')
    const scheduler = fsrs({ enable_fuzz: false, enable_short_term: false })
    const at = new Date('2026-03-01T12:00:00Z')
    const { card } = scheduler.next(createEmptyCard(at), at, Rating.Good)
    expect(once?.dueOn).toBe(card.due.toISOString().slice(0, 10))
    const second = once?.dueOn ?? ''
    const [twice] = cardsOf([done({}), done({ answeredOn: second })], second)
    expect((twice?.dueOn ?? '') > addDays(second, 5)).toBe(true)
    expect(twice).toMatchObject({ times: 2, rightInRow: 2 })
  })

  it('is forgotten by and by', () => {
    const knownOn = (day: string) => cardsOf([done({})], day)[0]?.known ?? 0
    expect(knownOn('2026-03-01')).toBeGreaterThan(0.99)
    expect(knownOn('2026-06-01')).toBeLessThan(knownOn('2026-03-10'))
  })

  it('comes sooner where it was wrong, or right at too high a price', () => {
    const dueOn = (part: Partial<DrillDone>) => cardsOf([done(part)], '2026-03-01')[0]?.dueOn ?? ''
    const wrong = dueOn({ right: 0, saidId: 'zinc-short', regret: 250 })
    const dear = dueOn({ regret: 80 })
    expect(wrong <= dear).toBe(true)
    expect(dear < dueOn({})).toBe(true)
    expect(cardsOf([done({ right: 0, saidId: 'zinc-short' })], '2026-03-01')[0]?.rightInRow).toBe(0)
  })

  it('is kept apart by kind of stand', () => {
    const cards = cardsOf([done({}), done({ context: 'tree' })], '2026-03-01')
    expect(cards.map(({ context }) => context)).toEqual(['turf', 'tree'])
  })
})

describe('what is in play', () => {
  it('is the commonest, and one more for each that was right twice in a row', () => {
    const inPlay = (all: DrillDone[]) =>
      syllabusOf({ context: 'turf', done: all, today: '2026-03-02' }).inPlay.length
    expect(inPlay([])).toBe(8)
    expect(inPlay([done({})])).toBe(8)
    expect(inPlay([done({}), done({})])).toBe(9)
    expect(inPlay([done({}), done({}), done({ right: 0, saidId: 'zinc-short' })])).toBe(8)
  })

  it('is gone through, what is due first', () => {
    const next = (all: DrillDone[], today: string) =>
      chooseNext({ kind: 'case', context: 'turf', done: all, today, chance: () => 0.99 }).causeId
    const fresh = next([done({})], '2026-03-01')
    expect(fresh).not.toBe('nitrogen-short')
    const others = ['zinc-short', 'potassium-short', 'magnesium-short']
    const all = [done({}), ...others.map((causeId) => done({ causeId, answeredOn: '2026-04-01' }))]
    expect(next(all, '2026-04-01')).toBe('nitrogen-short')
  })
})

describe('an answer as it is kept', () => {
  const kept: KeptDrill = {
    kind: 'case',
    context: 'turf',
    causeId: 'nitrogen-short',
    saidId: 'zinc-short',
    answeredOn: '2026-03-01',
    score: {
      truth: ['nitrogen-short', 'zinc-short'],
      went: { saidId: 'zinc-short', asked: [], right: 0.5, loss: 125 },
      good: { saidId: 'boron-short', asked: ['roots'], right: 0, loss: 258 },
      regret: -133,
      offered: ['nitrogen-short', 'zinc-short'],
      shares: [[0.5, 0.4]],
    },
  }

  it('of two causes is an answer about the one that was named', () => {
    expect(doneOf(kept)).toMatchObject({ causeId: 'zinc-short', right: 0.5, regret: -133 })
    expect(doneOf({ ...kept, saidId: 'boron-short' })).toMatchObject({ causeId: 'nitrogen-short' })
  })

  it('sums up beside the engine, which errs too', () => {
    expect(summaryOf([kept, { ...kept, score: { ...kept.score, regret: 33 } }])).toEqual({
      cases: 2,
      regret: -50,
      lately: -50,
      engineWrong: 2,
    })
    expect(summaryOf([])).toMatchObject({ cases: 0, regret: 0 })
  })
})
