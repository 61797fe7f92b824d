export { PhotoMeasureDto } from './measure.dto.ts'
export { PhotoDto, PhotoForm, PhotoQueryDto, photoTypes } from './photo.dto.ts'
export { photoRoutes } from './photo.routes.ts'
