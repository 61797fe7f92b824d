export { readStationFile } from './station-csv.ts'
export type { StationFile, StationOptions, StationRowError } from './station-csv.ts'
