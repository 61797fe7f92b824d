export { CreateDrillDto, CreateOwnDrillDto, DrillDto, DrillForm, OwnCaseDto } from './drill.dto.ts'
export { drillRoutes } from './drill.routes.ts'
