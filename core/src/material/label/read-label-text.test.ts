import { describe, expect, it } from 'vitest'
import { checkLabel, readLabelText } from './index.ts'

const read = (text: string) => readLabelText(text).draft

describe('ways in which labels say the same', () => {
  it.each([
    ['Fe 6'],
    ['Fe 6 %'],
    ['Iron (Fe) 6.0%'],
    ['6.0 % Iron (Fe)'],
    ['Total iron (Fe): 6,0 %'],
    ['Iron (Fe) ........ 6 %'],
    ['iron 6'],
  ])('%s', (text) => {
    expect(Number(read(text).analysis.Fe)).toBe(6)
  })

  it.each([
    ['Fe 9 (all chelated by EDDHA, EDTA)', 'all'],
    ['Fe 9, fully chelated', 'all'],
    ['Fe 9, of which 2 chelated', '2'],
    ['Iron (Fe) 9 %\n2.0 % chelated iron (Fe)', '2.0'],
    ['Fe 9; chelated 2 %', '2'],
  ])('%s: chelated %s', (text, chelated) => {
    expect(read(text)).toMatchObject({ analysis: { Fe: '9' }, chelated })
  })

  it.each([
    ['Derived from: iron EDTA, urea', 'iron EDTA, urea'],
    ['DERIVED FROM ferrous sulfate and urea.', 'ferrous sulfate and urea'],
    ['Chelating agent: DTPA', 'DTPA'],
    ['Fe 6 chelated with EDDHA', 'EDDHA'],
    ['Derived from: iron EDTA,\nmanganese sulfate,\nurea', 'iron EDTA,\nmanganese sulfate,\nurea'],
  ])('%s', (text, derivedFrom) => {
    expect(read(text).derivedFrom).toBe(derivedFrom)
  })

  it('forms of nitrogen are parts of its total and counted once', () => {
    const { draft, unread } = readLabelText(
      'Total nitrogen 12 %\n4 % ammoniacal nitrogen\n8 % urea nitrogen\nFe 2 %',
    )
    expect(draft.analysis).toEqual({ N: '12', Fe: '2' })
    expect(unread).toEqual([])
  })

  it('phosphate and potash keep the names that labels count them by', () => {
    expect(read('Available phosphate (P2O5) 2 %, soluble potash (K2O) 5 %, Fe 1').analysis).toEqual(
      {
        P2O5: '2',
        K2O: '5',
        Fe: '1',
      },
    )
  })

  it('ortho-ortho iron is read beside the total', () => {
    expect(read('Iron (Fe) 6 %, ortho-ortho 4.8 %')).toMatchObject({
      analysis: { Fe: '6' },
      orthoOrtho: '4.8',
    })
  })

  it('what is wrong is kept for the fields to say, not mended', () => {
    const draft = read('Fe -6, N 140')
    expect(draft.analysis).toEqual({ Fe: '-6', N: '140' })
    expect(Object.keys(checkLabel(draft).problems).toSorted()).toEqual(['Fe', 'N'])
  })

  it('nothing at all is nothing', () => {
    expect(readLabelText('').draft.analysis).toEqual({})
    expect(readLabelText('  \n , ; ').unread).toEqual([])
  })
})
