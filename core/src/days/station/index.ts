export { readStationFile } from './station-csv.ts'
export type { StationFile, StationOptions } from './station-csv.ts'
