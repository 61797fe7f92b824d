import { describe, expect, it } from 'vitest'
import { judgeSprayDay, weatherWords } from './index.ts'

const fair = { minC: 9, maxC: 21, rainMm: 0, windMPerS: 3 }

describe('judgeSprayDay', () => {
  it('lets a calm dry mild day through', () => {
    expect(judgeSprayDay(fair, 'metric')).toEqual({ fit: true, against: [] })
  })

  it.each([
    [{ rainMm: 6 }, /rain 6 mm/, /rain 0.24 in/],
    [{ windMPerS: 7 }, /wind 7 m\/s/, /wind 16 mph/],
    [{ maxC: 6 }, /only 6 °C/, /only 43 °F/],
    [{ maxC: 38 }, /38 °C burns/, /100 °F burns/],
    [{ minC: 30, maxC: 33 }, /33 °C burns/, /91 °F burns/],
  ])('says what stands against %j, in the units of the place', (change, metric, us) => {
    const told = (system: 'us' | 'metric') => judgeSprayDay({ ...fair, ...change }, system)
    expect(told('metric').fit).toBe(false)
    expect(told('metric').against.join()).toMatch(metric)
    expect(told('us').against.join()).toMatch(us)
  })

  it('lets a hot noon through, since early and late it is cooler', () => {
    expect(judgeSprayDay({ ...fair, minC: 18, maxC: 33 }, 'metric').fit).toBe(true)
  })
})

describe('weatherWords', () => {
  it('turns degrees as thermometers do', () => {
    const frost = { ...fair, minC: 0, maxC: 100 }
    expect(weatherWords(frost, 'us')).toMatchObject({ coolest: '32 °F', warmest: '212 °F' })
  })
})
