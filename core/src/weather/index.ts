export { judgeSprayDay } from './spray-day.ts'
export type { SprayDay } from './spray-day.ts'
export { weatherWords } from './weather-words.ts'
export type { DayWeather } from './weather-words.ts'
