import { describe, expect, it } from 'vitest'
import type { Context } from '../../stand/plant/index.ts'
import { endingsByStand, endingsOnFronds } from './data/endings-by-stand.ts'
import { allCauses, causesOf, endingOf } from './index.ts'

const wordsOf = (context: Context) =>
  causesOf(context).map((cause) => {
    const {
      first,
      then,
      lookAgain,
      doNotBuy = '',
      call = '',
    } = endingOf(cause, { context, leaf: 'broad' })
    return [cause.id, [first, ...then, lookAgain, doNotBuy, call].join(' ')] as const
  })

describe('how a verdict ends on a kind of stand', () => {
  it.each(['hydroponic', 'aquaponic'] as const)('speaks of no ground in %s', (context) => {
    for (const [id, words] of wordsOf(context)) {
      expect(words, id).not.toMatch(
        /\b(soil|ground|dry and drain|mow|turf|strip|dolomitic|repot)\b/i,
      )
    }
  })

  it('speaks of no field to who grows in pots, and of no mower but on turf', () => {
    for (const [id, words] of wordsOf('container')) {
      expect(words, id).not.toMatch(/\b(the ground|strip|turf|mow|open drains|row crops)\b/i)
    }
    for (const context of ['tree', 'shrub', 'row-crop'] as const) {
      for (const [id, words] of wordsOf(context))
        expect(words, `${context} ${id}`).not.toMatch(/\bmow/i)
    }
  })

  it('brings fish no salt of iron, copper or zinc, and no bagged nitrogen', () => {
    const words = wordsOf('aquaponic')
      .map(([, each]) => each)
      .join(' ')
    expect(words).toMatch(/never an iron salt/)
    expect(words).toMatch(/no bagged nitrogen/)
    expect(words).toMatch(/fish and snails die of traces/)
  })

  it('keeps the fronds of a palm on, and never feeds it potassium alone', () => {
    const short = causesOf('tree').find(({ id }) => id === 'potassium-short')
    const said = (leaf: 'broad' | 'frond') => {
      const {
        first,
        then,
        cautions = [],
      } = short ? endingOf(short, { context: 'tree', leaf }) : { first: '', then: [] }
      return [first, ...then, ...cautions].join(' ')
    }
    expect(said('frond')).toMatch(/Leave fronds on.*never one without the other/)
    expect(said('broad')).not.toMatch(/frond/)
  })

  it('names causes that there are', () => {
    const ids = allCauses.map(({ id }) => id)
    for (const there of [...Object.values(endingsByStand), endingsOnFronds]) {
      for (const id of Object.keys(there)) expect(ids).toContain(id)
    }
  })
})
