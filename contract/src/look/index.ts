export { CreateLookDto, LookDto } from './look.dto.ts'
export { lookRoutes } from './look.routes.ts'
