import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { storyOf, strengthWords, type ToldEvent } from './index.ts'

const looked = '2026-06-15'
const told = (kind: ToldEvent['kind'], daysBefore: number, pH?: [number, number]): ToldEvent => ({
  kind,
  happenedOn: addDays(looked, -daysBefore),
  fromPH: pH?.[0] ?? null,
  toPH: pH?.[1] ?? null,
})

describe('the story of a look', () => {
  it('takes in what happened before it, with its day', () => {
    const { events } = storyOf(looked, [], [told('limed', 100), told('flood', 0)])
    expect(events).toEqual([
      { kind: 'limed', happenedOn: addDays(looked, -100) },
      { kind: 'flood', happenedOn: looked },
    ])
  })

  it('leaves out what is long past and what came after', () => {
    expect(storyOf(looked, [], [told('limed', 5000), told('herbicide', -3)]).events).toEqual([])
  })

  it('takes every correction of pH with both its values, however long ago', () => {
    const events = [told('pH-corrected', 400, [8, 6.5]), told('pH-corrected', 2)]
    expect(storyOf(looked, [], events).pHHistory.corrections).toEqual([
      { onDay: addDays(looked, -400), fromPH: 8, toPH: 6.5 },
    ])
  })
})

describe('words for a weight of evidence', () => {
  it.each([
    [0.5, 'hardly'],
    [-3, 'slightly'],
    [5, 'clearly'],
    [-12, 'strongly'],
  ])('%d dB is %s', (weight, words) => expect(strengthWords(weight)).toBe(words))
})
