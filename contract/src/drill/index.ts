export { CreateDrillDto, DrillDto, DrillForm } from './drill.dto.ts'
export { drillRoutes } from './drill.routes.ts'
