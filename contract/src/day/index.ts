export { DayDto, DayJobDto, DayLoadDto } from './day.dto.ts'
export { dayRoutes } from './day.routes.ts'
