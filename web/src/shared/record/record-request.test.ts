import { describe, expect, it } from 'vitest'
import { freshRecord, plannedWords, type Planned } from './record-draft.ts'
import { recordRequest } from './record-request.ts'

const planned: Planned = {
  productKg: 0.43921,
  waterL: 40,
  lot: 'A-17',
  equipment: '',
  name: 'Ferrous sulfate',
  productId: null,
  contentShare: 0.2,
  partners: [],
}
const known = {
  planned,
  plannedText: plannedWords(planned, 'metric'),
  system: 'metric',
  productKg: undefined,
  waterL: undefined,
  isLicensed: false,
} as const
const draft = freshRecord(planned, 'metric', { licence: 'VA-2291' })

describe('a record as it is sent', () => {
  it('has the amounts as they were planned, not as they were rounded on screen', () => {
    expect(recordRequest(draft, known)).toMatchObject({
      productKg: 0.43921,
      waterL: 40,
      lot: 'A-17',
    })
    const changed = { ...draft, product: '500 g' }
    expect(recordRequest(changed, { ...known, productKg: 0.5 }).productKg).toBe(0.5)
  })

  it('names a licence where one is asked, and leaves out what is empty', () => {
    expect(recordRequest(draft, known)).not.toHaveProperty('licence')
    expect(recordRequest(draft, { ...known, isLicensed: true })).toMatchObject({
      licence: 'VA-2291',
    })
    expect(recordRequest(draft, known)).not.toHaveProperty('equipment')
    expect(recordRequest(draft, known)).not.toHaveProperty('weather')
  })
})
