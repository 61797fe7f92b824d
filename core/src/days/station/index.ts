export { readStationFile, stationHeadings } from './station-csv.ts'
export type { StationFile, StationOptions, StationRowError } from './station-csv.ts'
export {
  checkStationColumns,
  neededValues,
  stationColumns,
  stationValues,
  unitsOfValue,
} from './station-columns.ts'
export type { StationColumns, StationValue } from './station-columns.ts'
