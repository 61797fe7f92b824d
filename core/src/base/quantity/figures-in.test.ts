import { afterEach, describe, expect, it } from 'vitest'
import { writeAs } from '../writing/index.ts'
import { figuresIn, storedFiguresIn } from './index.ts'

afterEach(() => writeAs('en-GB'))

describe('a line of a working', () => {
  it.each([
    ['1,444 m²', '15,543 ft²'],
    ['420 of 5 cm', '420 of 1.969 in'],
    ['5,200 L', '1,374 gal'],
    ['168.4 g', '5.94 oz'],
    ['23,439 g', '51.67 lb'],
    ['120 mm a year', '4.724 in a year'],
    ['4.8 km/h', '2.98 mph'],
    ['0.51 m', '1.67 ft'],
    ['370 L/ha', '39.6 gal/acre'],
    ['203 kg/m²', '41,578 lb/1000 ft²'],
    ['71.9 kg CaCO3/ha a year', '64.1 lb CaCO3/acre a year'],
    ['0.5 mg/L, 1.33 kg/L, 9 g/m²', '0.5 mg/L, 1.33 kg/L, 9 g/m²'],
    ['product = rate × area', 'product = rate × area'],
  ])('“%s” of the store is “%s” in a US place', (line, us) => {
    expect(figuresIn(line, 'us')).toBe(us)
  })

  it('says rates of the table as a metric place does, in its own numbers', () => {
    writeAs('de-DE')
    expect(figuresIn('1 oz/in', 'metric')).toBe('11,2 g/cm')
    expect(figuresIn('4,99 gal/tree', 'metric')).toBe('18,9 L/tree')
    expect(figuresIn('1-2 oz/1000 ft2', 'metric')).toBe('3,05-6,1 kg/ha')
    expect(figuresIn('1.444 m²', 'metric')).toBe('1.444 m²')
  })

  it('that was stored is written anew for the locale', () => {
    writeAs('de-DE')
    expect(storedFiguresIn('1,444.5 m²', 'metric')).toBe('1.444,5 m²')
    expect(storedFiguresIn('0.5 mg/L', 'metric')).toBe('0,5 mg/L')
    expect(storedFiguresIn('2 oz/1000 ft2', 'metric')).toBe('6,1 kg/ha')
    writeAs('en-US')
    expect(storedFiguresIn('1,444.5 m²', 'us')).toBe('15,548 ft²')
  })
})
