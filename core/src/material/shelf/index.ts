export { mainSourceOf, plainForm, shelfCandidate, stainNames } from './product.ts'
export type { ShelfProduct, Stain } from './product.ts'
export { readShelfCsv, shelfToCsv } from './shelf-csv.ts'
export type { ShelfCellError, ShelfReading } from './shelf-csv.ts'
