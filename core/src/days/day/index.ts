export { dayFigures, orderOfDay } from './order-of-day.ts'
export type { DayStep, DayTask } from './order-of-day.ts'
