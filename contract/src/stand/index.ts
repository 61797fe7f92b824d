export {
  CreateStandDto,
  EstatePageDto,
  EstateQueryDto,
  EstateRowDto,
  RibbonReadingDto,
  StandDto,
  StandStoryDto,
} from './stand.dto.ts'
export { StandSizeDto, toStandSize } from './stand-size.dto.ts'
