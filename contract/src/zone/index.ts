export { ChangeZoneDto, CreateZoneDto, OriginDto, ZoneDto } from './zone.dto.ts'
export { zoneRoutes } from './zone.routes.ts'
