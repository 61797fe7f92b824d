export { climateNames, soilClimates } from './data/soil-climates.ts'
export type { Climate, SoilClimate } from './data/soil-climates.ts'
export {
  dayOfYear,
  isWatering,
  soilClimateAt,
  soilTemperature,
  wateringDaysOf,
} from './soil-year.ts'
