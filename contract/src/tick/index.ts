export { SheetTickDto, TickDto, tickParts } from './tick.dto.ts'
export type { TickPart } from './tick.dto.ts'
export { tickRoutes } from './tick.routes.ts'
