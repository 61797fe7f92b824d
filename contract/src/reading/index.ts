export { CreateReadingDto, ReadingDto } from './reading.dto.ts'
export { readingRoutes } from './reading.routes.ts'
