import { describe, expect, it } from 'vitest'
import { questionsOfEntry, type AskedEntry } from './index.ts'

const fine: AskedEntry = {
  planned: { name: 'Ferrous sulfate', productKg: 0.439, waterL: 40, dueOn: '2026-05-04' },
  done: { name: 'Ferrous sulfate', productKg: 0.45, waterL: 41, happenedOn: '2026-05-06' },
  others: [{ happenedOn: '2026-04-01', appliedName: 'Fe-EDDHA', productKg: 1 }],
  lotUseBy: '2027-01-01',
  weatherWork: 'leaf',
}
const asked = (change: Partial<AskedEntry>) =>
  questionsOfEntry({ ...fine, ...change }, 'metric').join(' | ')
const done = (change: Partial<AskedEntry['done']>) => asked({ done: { ...fine.done, ...change } })

describe('an entry about to be stored', () => {
  it('is not asked about where nothing is odd', () => {
    expect(asked({})).toBe('')
  })

  it('is asked about where the amount is a slip of the pen', () => {
    expect(done({ productKg: 43.9 })).toBe(
      '43.9 kg of product are 100 times the 439 g planned. Is it the right unit?',
    )
    expect(done({ productKg: 0.0439 })).toMatch(/1\/10 of the 439 g planned/)
    expect(done({ waterL: 0 })).toBe('No water went out, where 40 L were planned?')
  })

  it('is asked about another product than planned, and a second entry on one day', () => {
    expect(done({ name: 'Green Tub' })).toMatch(/^Green Tub went out, where Ferrous sulfate was/)
    const others = [{ happenedOn: '2026-05-06', appliedName: 'Fe-EDDHA', productKg: 1 }]
    expect(asked({ others })).toMatch(/an entry already: Fe-EDDHA, 1 kg\. Was it done twice/)
  })

  it('is asked about a day far off its own, and a lot past its date', () => {
    expect(done({ happenedOn: '2026-07-04' })).toMatch(/4 May 2026 and done on 4 Jul 2026, 61 days later/) // prettier-ignore
    expect(asked({ lotUseBy: '2026-05-05' })).toBe('The lot was to be used by 5 May 2026.')
  })

  it('is asked about air and wind outside the window, as measured on the spot', () => {
    expect(done({ temperatureC: 33, windMPerS: 7 })).toBe(
      'The air was outside the window of a leaf spray. | The wind was outside the window of a leaf spray.',
    )
    expect(done({ temperatureC: 18, windMPerS: 2 })).toBe('')
  })

  it('is asked about what leaves do not bear', () => {
    const work = {
      context: 'turf',
      growth: 'lawn turf',
      route: 'leaf',
      sourceId: 'ferrous-sulfate',
      size: { kind: 'area', areaM2: 1000 },
      productKg: 43.9,
      carrierL: 41,
      contentShare: 0.2,
    } as const
    expect(asked({ work })).toMatch(/is too much: over/)
  })

  it('is asked under which licence it was put out, where that needs one that holds', () => {
    expect(asked({ licence: { number: '' } })).toMatch(/licensed applicators\. Under which licence/)
    const until = '2026-05-05'
    expect(asked({ licence: { number: 'VA-1', until } })).toMatch(
      /Licence VA-1 ran out on 5 May 2026/,
    )
    expect(asked({ licence: { number: 'VA-1', until: '2026-05-06' } })).toBe('')
  })
})
