export { ChangeZoneDto, CreateZoneDto, OriginDto, ZoneDto } from './zone.dto.ts'
