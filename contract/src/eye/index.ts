export { CreateEyeSittingDto, EyeSittingDto, EyeSittingForm, RatedPhotoDto } from './eye.dto.ts'
export { eyeRoutes } from './eye.routes.ts'
