import { describe, expect, it } from 'vitest'
import { grownDraftOf, partMeasures, readGrown } from './grown-draft.ts'

const empty = grownDraftOf(null, 'us')

describe('how a stand grows, as it is typed', () => {
  it('says nothing where nothing is typed', () => {
    expect(readGrown(empty)).toEqual({ grown: {}, problems: {} })
  })

  it('reads spacing, canopy and depth in any unit, and gives them back as typed', () => {
    const { grown } = readGrown({
      ...empty,
      inRow: '4 ft',
      betweenRows: '2.5 m',
      canopy: '200 ft2',
      rootDepth: '12 in',
      variety: 'bears-lime',
      isAlone: true,
    })
    expect(grown.inRowM).toBeCloseTo(1.2192, 9)
    expect(grown.betweenRowsM).toBe(2.5)
    expect(grown.canopyM2).toBeCloseTo(18.58, 2)
    expect(grown).toMatchObject({ variety: 'bears-lime', isAlone: true })
    const again = readGrown(grownDraftOf(grown, 'us')).grown
    expect(again.inRowM).toBeCloseTo(1.2192, 3)
    expect(again).toMatchObject({ variety: 'bears-lime', isAlone: true })
  })

  it('stays when the size is measured again, whose own measures do not', () => {
    const known = { groundM2: 40, rowM: 12, inRowM: 1.2, variety: 'mixed' } as const
    expect(partMeasures(known)).toEqual({
      sizes: { groundM2: 40, rowM: 12 },
      grown: { inRowM: 1.2, variety: 'mixed' },
    })
    expect(partMeasures(null)).toEqual({ sizes: {}, grown: {} })
  })

  it('refuses what cannot be, each beside its field', () => {
    const { problems } = readGrown({
      ...empty,
      inRow: 'four',
      pHLow: '7',
      pHHigh: '6',
      plantedOn: '2026-05-01',
      emergedOn: '2026-04-20',
    })
    expect(problems['inRow']).toMatch(/length|unit|number/i)
    expect(problems['pHHigh']).toMatch(/upper end above/)
    expect(problems['emergedOn']).toMatch(/before it was planted/)
  })
})
