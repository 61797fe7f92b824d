import { describe, expect, it } from 'vitest'
import { keptMeasure, readingOfPhoto, type PhotoMeasure } from './index.ts'

const measured: PhotoMeasure = {
  width: 2,
  height: 1,
  darkGreenIndex: 0.45,
  doubt: 0.012,
  greenness: 0.68,
  greennessDoubt: 0.02,
  cover: 0.7,
  veinContrast: 0.03,
  severityShares: [0.3, 0.4, 0.2, 0.1, 0, 0],
  severityMap: Uint8Array.from([0, 255]),
  light: { mean: 0.4, clipped: 0, sharpness: 0.2, chroma: 60 },
  card: undefined,
  printFault: undefined,
  cardResidual: 0.004,
  remarks: [],
}

describe('what is kept of a measure', () => {
  it('holds to what the server takes, whatever came out', () => {
    const odd = { ...measured, veinContrast: NaN, doubt: 1.7, cover: -0.1 }
    expect(keptMeasure(odd, [], 'whole')).toMatchObject({ veinContrast: 0, doubt: 1, cover: 0 })
  })

  it('is without the map, whatever the day', () => {
    const kept = keptMeasure(measured, [], 'untreated', '2026-06-01')
    expect(kept).toMatchObject({ part: 'untreated', takenOn: '2026-06-01' })
    expect(Object.keys(kept)).not.toContain('severityMap')
    expect(keptMeasure(measured, [], 'whole')).not.toHaveProperty('takenOn')
  })

  it('cannot be compared where anything refuses it', () => {
    const remarks = [{ id: 'no-card', refuses: true, words: 'No card.' }]
    expect(keptMeasure({ ...measured, remarks }, [], 'whole').isComparable).toBe(false)
    const warned = [{ id: 'blurred', refuses: false, words: 'Blurred.' }]
    expect(keptMeasure({ ...measured, remarks: warned }, [], 'whole').isComparable).toBe(true)
  })
})

describe('the reading of a photo', () => {
  const kept = keptMeasure(measured, [], 'untreated')

  it('is its greenness with its doubt, at the part that it shows', () => {
    expect(readingOfPhoto(kept, '2026-06-01')).toMatchObject({
      kind: 'photoGreenness',
      value: 0.68,
      doubt: 0.02,
      place: 'untreated',
    })
    expect(readingOfPhoto({ ...kept, part: 'whole' }, '2026-06-01')?.place).toBeNull()
  })

  it('is none where the photo cannot be compared', () => {
    expect(readingOfPhoto({ ...kept, isComparable: false }, '2026-06-01')).toBeUndefined()
  })
})
