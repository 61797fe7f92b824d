export { CreateEyeSittingDto, EyeSittingDto, EyeSittingForm } from './eye.dto.ts'
export { eyeRoutes } from './eye.routes.ts'
