export { SimulatedWeather } from './simulated-weather.ts'
