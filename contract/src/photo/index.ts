export { PhotoMeasureDto } from './measure.dto.ts'
export { PhotoDto, PhotoQueryDto, photoTypes } from './photo.dto.ts'
export { photoRoutes } from './photo.routes.ts'
