import { describe, expect, it } from 'vitest'
import { judgeSprayDay } from './index.ts'

const fair = { minC: 9, maxC: 21, rainMm: 0, windMPerS: 3 }

describe('judgeSprayDay', () => {
  it('lets a calm dry mild day through', () => {
    expect(judgeSprayDay(fair)).toEqual({ fit: true, against: [] })
  })

  it.each([
    [{ rainMm: 6 }, /rain 6 mm/],
    [{ windMPerS: 7 }, /wind 7/],
    [{ maxC: 6 }, /only 6 °C/],
    [{ maxC: 38 }, /burns/],
  ])('says what stands against %j', (change, words) => {
    const { fit, against } = judgeSprayDay({ ...fair, ...change })
    expect(fit).toBe(false)
    expect(against.join()).toMatch(words)
  })
})
