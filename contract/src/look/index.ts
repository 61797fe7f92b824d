export { CreateLookDto, LookDto } from './look.dto.ts'
