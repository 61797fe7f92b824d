export { climateNames, soilClimates } from './data/soil-climates.ts'
export type { Climate, SoilClimate } from './data/soil-climates.ts'
export { dayOfYear, isWatering, soilTemperature } from './soil-year.ts'
