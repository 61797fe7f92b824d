export {
  CaseStateDto,
  ChangeStandDto,
  CreateStandDto,
  EstateListQueryDto,
  EstatePageDto,
  EstateQueryDto,
  EstateRowDto,
  EstateStandDto,
  MergeStandDto,
  RibbonReadingDto,
  StandDto,
  StandNameDto,
  StandStoryDto,
} from './stand.dto.ts'
export { StandSizeDto, toStandSize } from './stand-size.dto.ts'
export { StandCareDto, StandMeasuresDto } from './stand-measures.dto.ts'
export { EnclosesGround } from './stand-measures.dto.ts'
export { stripFacts } from './strip-facts.ts'
export { estateRoutes, standRoutes } from './stand.routes.ts'
