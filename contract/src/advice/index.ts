export { AdviceDto, AdviceForm, CreateAdviceDto } from './advice.dto.ts'
export { adviceRoutes } from './advice.routes.ts'
