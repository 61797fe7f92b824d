export { CreateLookDto, LookDto, LookForm } from './look.dto.ts'
export { lookRoutes } from './look.routes.ts'
