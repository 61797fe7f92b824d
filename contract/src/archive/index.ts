export { archiveRoutes } from './archive.routes.ts'
