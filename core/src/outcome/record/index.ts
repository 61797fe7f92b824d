export { costByStand } from './cost-by-stand.ts'
export type { StandCost } from './cost-by-stand.ts'
export { recordCsv, recordTable } from './record-csv.ts'
export type { RecordRow } from './record-csv.ts'
