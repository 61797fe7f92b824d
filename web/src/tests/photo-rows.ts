import { recorded } from './recorded.ts'
import type { PhotoDto, PhotoMeasureDto } from '@spudder/contract/photo'

/** What a sound photo with its card was measured to show. */
export const measureRow = (change: Partial<PhotoMeasureDto> = {}): PhotoMeasureDto => ({
  darkGreenIndex: 0.45,
  doubt: 0.012,
  greenness: 0.68,
  greennessDoubt: 0.02,
  cover: 0.7,
  veinContrast: 0.03,
  severityShares: [0.3, 0.4, 0.2, 0.1, 0, 0],
  remarks: [],
  isComparable: true,
  dabs: [],
  part: 'whole',
  ...change,
})

/** A photo as the server tells it. */
export const photoRow = (change: Partial<PhotoDto> = {}): PhotoDto => ({
  id: 'photo',
  standId: 'green',
  caseId: null,
  entryId: null,
  fileName: 'leaf.jpg',
  type: 'image/jpeg',
  byteCount: 9000,
  widthPx: 800,
  heightPx: 600,
  takenOn: '2026-06-01',
  measure: measureRow(),
  ...recorded,
  ...change,
})
