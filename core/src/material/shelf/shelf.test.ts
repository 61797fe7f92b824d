import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { checkLabel, emptyLabelDraft, readLabelText } from '../label/index.ts'
import Papa from 'papaparse'
import { formulaAttacks, isFormula } from '../../base/table/tests/formula-attacks.ts'
import { ironSourceIds } from '../source/index.ts'
import {
  mainSourceOf,
  readShelfCsv,
  shelfCandidate,
  shelfToCsv,
  stainNames,
  type ShelfProduct,
} from './index.ts'

const bag: ShelfProduct = {
  name: 'Spray-grade sulfate, 50 lb',
  sourceId: 'ferrous-sulfate',
  label: { ...emptyLabelDraft, analysis: { Fe: '20', S: '11.5' }, derivedFrom: 'ferrous sulfate' },
  packPrice: 30,
  packKg: 22.68,
  stockKg: 40,
  lot: 'A-17',
  lotUseBy: '2027-05-31',
  labelRate: { value: 2.5, unit: 'oz/1000 ft2' },
  labelMaximum: { value: 4, unit: 'oz/1000 ft2' },
  stain: 'rust',
  organic: 'unknown',
  applicator: 'licensed',
  hazards: 'Harmful when swallowed.',
  note: 'Shed, top board; "keep dry"',
}

const word = fc.stringMatching(/^[A-Za-z0-9"';,. ]{0,20}$/).map((text) => text.trim())
const amount = fc.option(fc.double({ min: 0, max: 1000, noNaN: true }), { nil: undefined })
const anyProduct = fc
  .record({
    name: word.filter((text) => text !== ''),
    sourceId: fc.constantFrom(...ironSourceIds),
    iron: fc.integer({ min: 1, max: 40 }),
    packPrice: amount,
    stockKg: amount,
    lot: word,
    note: word,
    stain: fc.constantFrom(...stainNames),
    applicator: fc.constantFrom('anybody' as const, 'licensed' as const),
  })
  .map(({ iron, packPrice, stockKg, ...rest }): ShelfProduct => ({
    ...rest,
    label: { ...emptyLabelDraft, analysis: { Fe: String(iron) } },
    ...(packPrice === undefined ? {} : { packPrice }),
    ...(stockKg === undefined ? {} : { stockKg }),
    organic: 'unknown',
    hazards: '',
  }))

describe('a shelf file', () => {
  it('comes back as it went out', () => {
    expect(readShelfCsv(shelfToCsv([bag]))).toEqual({ products: [bag], errors: [] })
    fc.assert(
      fc.property(fc.array(anyProduct, { minLength: 1, maxLength: 5 }), (products) => {
        expect(readShelfCsv(shelfToCsv(products))).toEqual({ products, errors: [] })
      }),
    )
  })

  it('may leave out all but name and iron; the form is then read from the label', () => {
    const csv = '\uFEFFname,Fe %,derived from\nRed one,6,iron EDDHA\n\nGreen one,5,citrate\n'
    const { products, errors } = readShelfCsv(csv)
    expect(errors).toEqual([])
    expect(products.map(({ sourceId }) => sourceId)).toEqual(['fe-eddha', 'iron-citrate'])
  })

  it('is told line and column of everything that is wrong in it', () => {
    const csv = 'name,Fe %,pack price,stain,label maximum\n,6,cheap,purple,4\nBag,120,3,rust,\n'
    expect(readShelfCsv(csv).errors).toEqual([
      { line: 2, column: 'name', message: 'Give the product a name.' },
      { line: 2, column: 'pack price', message: 'Give a number from 0 to 1000000.' },
      {
        line: 2,
        column: 'label maximum unit',
        message: 'Give the unit of the label maximum, such as oz/1000 ft2.',
      },
      { line: 2, column: 'stain', message: 'Give one of rust, red, little.' },
      { line: 3, column: 'Fe %', message: 'A bag holds 100 %: give iron from 0 to 100.' },
    ])
  })

  it.each(['', 'what is this', 'name,iron\nBag,6'])('%j is no shelf', (csv) => {
    expect(() => readShelfCsv(csv)).toThrow(/headings have name and Fe %/)
  })

  it('keeps a spreadsheet from running what is typed', () => {
    expect(shelfToCsv([{ ...bag, note: '=1+1' }])).toMatch(/,'=1\+1$/)
    for (const attack of formulaAttacks) {
      const label = { ...bag.label, derivedFrom: attack, chelated: attack, waterSoluble: attack }
      const texts = { name: attack, lot: attack, hazards: attack, note: attack }
      const csv = shelfToCsv([{ ...bag, ...texts, label }])
      for (const delimiter of [',', ';', '\t', '|']) {
        expect(Papa.parse<string[]>(csv, { delimiter }).data.flat().filter(isFormula)).toEqual([])
      }
    }
  })
})

describe('a product as a candidate', () => {
  it('costs what its bill says: 30 for 22.68 kg', () => {
    const { pricePerKg, label } = shelfCandidate('bag', bag)
    expect(Math.abs(pricePerKg.usual - 30 / 22.68)).toBeLessThan(1e-12)
    expect(label.iron).toBe(20)
  })

  it('without a bill costs what its form usually does', () => {
    const { packPrice: _price, ...without } = bag
    expect(shelfCandidate('bag', without).pricePerKg.source).toMatch(/retail/)
  })

  it('whose label cannot be read is refused by name', () => {
    const unread = { ...bag, label: { ...emptyLabelDraft, analysis: { Fe: 'much' } } }
    expect(() => shelfCandidate('bag', unread)).toThrow(/Spray-grade sulfate/)
  })

  it('is handled as the form that can carry most of its iron', () => {
    const main = (text: string) => {
      const { label } = checkLabel(readLabelText(text).draft)
      return label && mainSourceOf(label)
    }
    expect(main('Fe 9, of which 2 chelated by EDTA')).toBe('ferrous-sulfate')
    expect(main('Fe 6 all chelated by EDDHA')).toBe('fe-eddha')
    expect(main('Fe 9')).toBe('ferrous-sulfate')
  })
})
