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

  it.each([
    ['2 % spray at 20-30 gal/acre', '2 % spray at 190-280 L/ha'],
    ['1-5 lb iron/acre, watered in', '1.1-5.6 kg iron/ha, watered in'],
    ['at most 10 lb sulfur/1000 ft² a year', 'at most 4.9 kg sulfur/100 m² a year'],
    ['1-4 tbsp (0.5-2 oz) of it', '15-59 mL (14-57 g) of it'],
    ['1 oz per inch of trunk', '11 g per cm of trunk'],
    ['5 oz per 100 gal of drench', '37 g per 100 L of drench'],
    ['up to 16 fl oz/1000 ft² of a liquid', 'up to 510 mL/100 m² of a liquid'],
    ['1-2 cups per shrub', '240-470 mL per shrub'],
    ['pH 6 in 2 of 3 trials', 'pH 6 in 2 of 3 trials'],
    ['20 mg/kg, 0.3 kg/m³', '20 mg/kg, 0.3 kg/m³'],
  ])('“%s”, stated in US units alone, is converted', (text, metric) => {
    expect(saidIn(text, 'metric')).toBe(metric)
    expect(saidIn(text, 'us')).toBe(text)
  })
  it.each([
    ['at 10 to 15 °C', 'at 50 to 59 °F'],
    ['0.5-2 kg/ha of chelate', '0.45-1.8 lb/acre of chelate'],
    ['the top 5 cm', 'the top 2 in'],
    // Ratios and what a laboratory says stay as they are.
    ['5.35 kg CaCO3 for a kilogram N', '5.35 kg CaCO3 for a kilogram N'],
    ['4.5 mg/kg', '4.5 mg/kg'],
  ])('“%s”, stated in metric units alone, is converted', (text, us) => {
    expect(saidIn(text, 'us')).toBe(us)
    expect(saidIn(text, 'metric')).toBe(text)
  })
  it('reads its own thousands for no decimals', () => {
    writeAs('de-DE')
    expect(saidIn('200 lb/1000 ft², pH 6.5', 'metric')).toBe('98 kg/100 m², pH 6,5')
    expect(saidIn('400 gal/acre', 'metric')).toBe('3.700 L/ha')
  })

  it('writes decimals as the place does, and leaves chapters and dates alone', () => {
    writeAs('de-DE')
    expect(saidIn('From about pH 7.2 iron is rust; at 7.0 less.', 'metric')).toBe(
      'From about pH 7,2 iron is rust; at 7,0 less.',
    )
    expect(saidIn('version 1.2.3', 'metric')).toBe('version 1.2.3')
  })
})
