export { judgeSprayDay } from './spray-day.ts'
export type { DayWeather, SprayDay } from './spray-day.ts'
