export { DayDto, DayJobDto, DayLoadDto, DayQueryDto } from './day.dto.ts'
export { dayRoutes } from './day.routes.ts'
