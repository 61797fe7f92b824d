import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ironSourceIds } from '../source/index.ts'
import {
  checkLabel,
  emptyLabelDraft,
  labelBounds,
  readLabelText,
  type LabelDraft,
} from './index.ts'

const draft = (analysis: LabelDraft['analysis'], rest: Partial<LabelDraft> = {}) => ({
  ...emptyLabelDraft,
  analysis,
  ...rest,
})

describe('a pasted label', () => {
  it('is taken apart line by line', () => {
    const { draft: read, unread } = readLabelText(
      [
        'Guaranteed analysis',
        'Total Nitrogen (N) .......... 5.0%',
        '  5.0% Urea Nitrogen',
        'Available phosphate (P2O5) 2 %',
        'Soluble potash (K2O) 3 %',
        'Iron (Fe) 6,0 %',
        '2.5 % Chelated iron (Fe)',
        '3.1 % Water soluble iron (Fe)',
        'Derived from: iron EDTA, ferrous ammonium sulfate and manganese sulfate.',
      ].join('\n'),
    )
    expect(read).toEqual({
      analysis: { N: '5.0', P2O5: '2', K2O: '3', Fe: '6.0' },
      chelated: '2.5',
      waterSoluble: '3.1',
      orthoOrtho: '',
      derivedFrom: 'iron EDTA, ferrous ammonium sulfate and manganese sulfate',
    })
    expect(unread).toEqual([])
  })

  it('in one line, chelators and all', () => {
    const { draft: read } = readLabelText(
      'N 5, Mg 1, S 7, Mn 2, Fe 9 (all chelated by EDDHA, EDTA)',
    )
    expect(read.analysis).toEqual({ N: '5', Mg: '1', S: '7', Mn: '2', Fe: '9' })
    expect(read.chelated).toBe('all')
    expect(read.derivedFrom).toBe('EDDHA, EDTA')
  })

  it('says what it could not place', () => {
    expect(readLabelText('Fe 6, keep dry').unread).toEqual(['keep dry'])
  })
})

describe('names on a label', () => {
  const named = (derivedFrom: string) => checkLabel(draft({ Fe: '6' }, { derivedFrom })).label

  it.each([
    ['ferrous ammonium sulfate', ['ferrous-ammonium-sulfate'], []],
    ['iron HEDTA', ['fe-hedta'], []],
    ['Ammonium Sulfate, ferrous sulphate', ['ferrous-sulfate'], ['ammonium-sulfate']],
    ['citric acid and urea', ['iron-citrate'], ['urea']],
  ])('%s', (text, sourceIds, ingredientIds) => {
    expect(named(text)).toMatchObject({ sourceIds, ingredientIds, unknownNames: [] })
  })

  it('that are not known are kept and said', () => {
    expect(named('kelp extract, EDTA')?.unknownNames).toEqual(['kelp extract'])
  })
})

describe('a bad label is refused beside the field', () => {
  it.each([
    [draft({ Fe: '120' }), 'Fe', /A bag holds 100/],
    [draft({ Fe: 'six' }), 'Fe', /as a number/],
    [draft({ Fe: '6', N: '-3' }), 'N', /from 0 to 100/],
    [draft({ N: '5' }), 'Fe', /total of iron/],
    [draft({ Fe: '60', N: '50' }), 'Fe', /add up to 110/],
    [draft({ Fe: '6' }, { chelated: '7' }), 'chelated', /at most 6/],
    [draft({ Fe: '6' }, { orthoOrtho: 'x' }), 'orthoOrtho', /as a number/],
  ] as const)('%j', (given, field, words) => {
    const { label, problems } = checkLabel(given)
    expect(label).toBeUndefined()
    expect((problems as Record<string, string>)[field]).toMatch(words)
  })
})

describe('the bounds of any label', () => {
  const any = fc.record({
    iron: fc.integer({ min: 1, max: 20 }),
    nitrogen: fc.integer({ min: 0, max: 15 }),
    ids: fc.uniqueArray(fc.constantFrom(...ironSourceIds), { minLength: 1, maxLength: 4 }),
  })

  it('hold each least under its most, and together span the iron; fewer others leave more room', () => {
    fc.assert(
      fc.property(any, ({ iron, nitrogen, ids }) => {
        const label = {
          totals: { N: nitrogen, Fe: iron },
          iron,
          sourceIds: ids,
          ingredientIds: [],
          unknownNames: [],
        }
        const bounds = labelBounds(label)
        const bare = labelBounds({ ...label, totals: { Fe: iron } })
        if (!bounds.possible) return
        expect(bare.possible).toBe(true)
        const sum = (which: 'least' | 'most') =>
          bounds.sources.reduce((all, source) => all + source[which], 0)
        expect(sum('least')).toBeLessThanOrEqual(iron + 1e-6)
        expect(sum('most')).toBeGreaterThanOrEqual(iron - 1e-6)
        if (!bare.possible) return
        bounds.sources.forEach((source, index) => {
          expect(source.least).toBeLessThanOrEqual(source.most + 1e-6)
          expect(source.most).toBeLessThanOrEqual((bare.sources[index]?.most ?? 0) + 1e-6)
        })
      }),
    )
  })
})
