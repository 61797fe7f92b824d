import { describe, expect, it } from 'vitest'
import { readLotCode } from './index.ts'

const gs = '\u001d'

describe('the code on a bag', () => {
  it.each([
    // Element strings as in the GS1 General Specifications (from memory): (01) article, (17) use by, (10) lot.
    ['(01)09506000134352(17)271231(10)ABC123', 'ABC123', '2027-12-31'],
    ['010950600013435217271231' + '10ABC123', 'ABC123', '2027-12-31'],
    [`]C10109506000134352${'10'}S-2214${gs}17270200`, 'S-2214', '2027-02-28'],
    [`10LOT7${gs}15280229`, 'LOT7', '2028-02-29'],
  ])('%s tells its lot and until when it is good', (code, lot, useBy) => {
    expect(readLotCode(code)).toEqual({ lot, useBy })
  })

  it('that its maker made up is its lot as it is', () => {
    expect(readLotCode(' EDDHA-2026/117 ')).toEqual({ lot: 'EDDHA-2026/117', useBy: undefined })
  })

  it.each(['', '4006381333931', '12345670', '(01)09506000134352'])('%s says no lot', (code) => {
    expect(readLotCode(code)).toBeUndefined()
  })

  it('with a day that is none keeps its lot', () => {
    expect(readLotCode('(10)A1(17)271340')).toEqual({ lot: 'A1', useBy: undefined })
  })
})
