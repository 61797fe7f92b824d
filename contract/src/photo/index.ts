export { PhotoDto, PhotoQueryDto, photoTypes } from './photo.dto.ts'
