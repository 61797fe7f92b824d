export { readStationFile } from './station-csv.ts'
