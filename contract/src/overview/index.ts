export { OverviewPageDto, OverviewQueryDto, OverviewRowDto, PlaceStateDto } from './overview.dto.ts'
export { overviewRoutes } from './overview.routes.ts'
