export { PutTogetherDto } from './archive.dto.ts'
export { archiveRoutes } from './archive.routes.ts'
