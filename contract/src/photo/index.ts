export { keptMeasure } from './kept-measure.ts'
export { PhotoMeasureDto } from './measure.dto.ts'
export type { PhotoPart } from './measure.dto.ts'
export { PhotoDto, PhotoQueryDto, photoTypes } from './photo.dto.ts'
