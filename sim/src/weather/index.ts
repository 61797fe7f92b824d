export { SimulatedWeather } from './simulated-weather.ts'
export { serveWeather } from './serve-weather.ts'
export type { WeatherFault } from './serve-weather.ts'
