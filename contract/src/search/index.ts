export { FoundDto } from './search.dto.ts'
export type { FoundKind } from './search.dto.ts'
export { searchRoutes } from './search.routes.ts'
