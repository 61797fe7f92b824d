export { buildSheet } from './build-sheet.ts'
export type { FillBox, Sheet, SheetFill, SheetInput } from './sheet.ts'
export { waterRateWords } from './sprayer-lines.ts'
