export { CreateReadingDto, ReadingDto, ReadingForm } from './reading.dto.ts'
export { readingRoutes } from './reading.routes.ts'
