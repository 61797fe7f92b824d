import { afterEach, describe, expect, it } from 'vitest'
import { writeAs } from '../writing/index.ts'
import { saidIn } from './index.ts'

afterEach(() => writeAs('en-GB'))

describe('a sentence of the catalogue', () => {
  it.each([
    ['cold, under 10 °C (50 °F)', 'cold, under 10 °C', 'cold, under 50 °F'],
    ['cool, 10 to 15 °C (50 to 60 °F)', 'cool, 10 to 15 °C', 'cool, 50 to 60 °F'],
    ['13 to 25 mm (½ to 1 in)', '13 to 25 mm', '½ to 1 in'],
    ['times the 40 gal/acre (374 L/ha) that stays', 'times the 374 L/ha that stays', 'times the 40 gal/acre that stays'], // prettier-ignore
    [
      '10 cm (4 in) deep, in the morning',
      '10 cm deep, in the morning',
      '4 in deep, in the morning',
    ],
    ['dry (no rain), 5 mg/kg', 'dry (no rain), 5 mg/kg', 'dry (no rain), 5 mg/kg'],
  ])('“%s” keeps the figure of the place', (text, metric, us) => {
    expect([saidIn(text, 'metric'), saidIn(text, 'us')]).toEqual([metric, us])
  })

  it('writes decimals as the place does, and leaves chapters and dates alone', () => {
    writeAs('de-DE')
    expect(saidIn('From about pH 7.2 iron is rust; at 7.0 less.', 'metric')).toBe(
      'From about pH 7,2 iron is rust; at 7,0 less.',
    )
    expect(saidIn('version 1.2.3', 'metric')).toBe('version 1.2.3')
  })
})
