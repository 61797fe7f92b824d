export { buildSheet } from './build-sheet.ts'
export type { Conditioning, FillBox, Sheet, SheetFill, SheetInput, SheetPartner } from './sheet.ts'
export { waterRateWords } from './sprayer-lines.ts'
