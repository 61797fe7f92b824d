export { CreateReadingDto, ReadingDto } from './reading.dto.ts'
