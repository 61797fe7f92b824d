import { Type } from 'class-transformer'
import {
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  ValidateNested,
} from 'class-validator'
import { contextNames, type Context } from '@spudder/core/stand/plant'
import {
  readingKindNames,
  readingMethodNames,
  type ReadingKind,
  type ReadingMethod,
} from '@spudder/core/seen/reading'
import { AcidPlanDto } from '../acid-plan/index.ts'
import { CaseDto } from '../case/index.ts'
import { EntryDto } from '../entry/index.ts'
import { JobDto } from '../job/index.ts'
import { LookDto } from '../look/index.ts'
import { PhotoDto } from '../photo/index.ts'
import { ReadingDto } from '../reading/index.ts'
import { RemedyDto } from '../remedy/index.ts'
import { StoryEventDto } from '../story/index.ts'
import {
  Counted,
  changeable,
  changes,
  IsDay,
  IsPastDay,
  IsNewId,
  Named,
  Note,
} from '../validation/index.ts'
import { StandCareDto, StandMeasuresDto } from './stand-measures.dto.ts'
import { StandSizeDto } from './stand-size.dto.ts'

/** What may be changed of a stand. */
class StandForm {
  @Named('Name') name!: string
  @IsObject({ message: 'Size: give its kind and measures.' })
  @ValidateNested()
  @Type(() => StandSizeDto)
  size!: StandSizeDto
  @IsOptional()
  @IsObject({ message: 'Measures: give what was measured.' })
  @ValidateNested()
  @Type(() => StandMeasuresDto)
  measures?: StandMeasuresDto
  @IsOptional()
  @IsObject({ message: 'Care: give when it is mown and watered.' })
  @ValidateNested()
  @Type(() => StandCareDto)
  care?: StandCareDto
  @Note() note?: string
}

/** What grows there, and stays. */
class PlantedStandForm extends StandForm {
  @IsIn(contextNames, { message: 'Kind: choose one of the list.' }) context!: Context
  @Named('Plant') plantId!: string
}

export class CreateStandDto extends PlantedStandForm {
  @IsNewId() id!: string
}

/** What is changed of a stand; what is left out stays. */
export class ChangeStandDto extends changes(PlantedStandForm) {
  /**
   * A new planting begins on this day, and the old one's story stays. Absent where plant or kind were
   * entered wrongly, and are put right for the whole story.
   */
  @IsOptional() @IsPastDay('Planted on') replantedOn?: string
  /** Put away: out of the estate and the dates, with all that was recorded. */
  @IsOptional() @IsBoolean({ message: 'Archived: give yes or no.' }) isArchived?: boolean
}

export class StandDto extends changeable(PlantedStandForm, ['note']) {
  @IsUUID() id!: string
  @IsUUID() placeId!: string
  @IsBoolean() isArchived!: boolean
  /** The stand that its story is told with; null where it stands by itself. */
  @IsOptional() @IsUUID() mergedIntoId!: string | null
}

/** Two stands that are one: what was recorded of the other is told with this one from now on. */
export class MergeStandDto {
  @IsUUID('all', { message: 'Stand: choose one of the place.' }) otherId!: string
  @Named('Why', 500) reason!: string
}

/** A stand by its name, for choosing one. */
export class StandNameDto {
  @IsUUID() id!: string
  @IsString() name!: string
}

/** A reading as far as a ribbon needs it; five years of weekly ones travel in every page. */
export class RibbonReadingDto {
  @IsIn(readingKindNames) kind!: ReadingKind
  @IsNumber() value!: number
  @IsIn(readingMethodNames) method!: ReadingMethod
  @IsDay('Taken on') takenOn!: string
  /** There where the value was made up; readings that were not say nothing. */
  @IsOptional() @IsBoolean() isSimulated?: true
  /** Whoever rated it by eye; what was not rated says nothing. */
  @IsOptional() @IsString() ratedBy?: string
}

/** What happened to a stand and is to come: everything that its ribbon is painted from. */
class RibbonDto {
  @IsUUID() standId!: string
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => RibbonReadingDto)
  readings!: RibbonReadingDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => EntryDto) entries!: EntryDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => JobDto) jobs!: JobDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => StoryEventDto) events!: StoryEventDto[]
}

/** How far the case of a stand is, as far as it is told in a word. */
export class CaseStateDto {
  /** The newest look, of whatever case. */
  @IsOptional() @IsDay('Looked on') lastLookOn!: string | null
  /** Whether a remedy was chosen in the open case. */
  @IsBoolean() hasRemedy!: boolean
  /** The newest application of the open case. */
  @IsOptional() @IsDay('Applied on') lastAppliedOn!: string | null
  /** The case that was closed last. */
  @IsOptional() @ValidateNested() @Type(() => CaseDto) lastClosed!: CaseDto | null
}

/** A stand in a list or on a map: what it looks like, what comes next, what it cost. */
export class EstateStandDto {
  @ValidateNested() @Type(() => StandDto) stand!: StandDto
  @IsOptional() @ValidateNested() @Type(() => CaseDto) openCase!: CaseDto | null
  @ValidateNested() @Type(() => CaseStateDto) state!: CaseStateDto
  /** The newest colour. */
  @IsOptional() @ValidateNested() @Type(() => RibbonReadingDto) colour!: RibbonReadingDto | null
  @IsOptional() @ValidateNested() @Type(() => JobDto) nextJob!: JobDto | null
  /** The next job that has a sheet to work from. */
  @IsOptional() @IsUUID() nextSheetJobId!: string | null
  /** What was put out since a day, at the prices of the shelf [money]. */
  @IsNumber() spent!: number
}

/** Which stands are listed, and since when money counts. */
export class EstateListQueryDto {
  @IsDay('from') from!: string
  /** "true" for those put away instead. */
  @IsOptional() @IsIn(['true', 'false']) archived?: 'true' | 'false'
}

/** A stand as one row of the estate. */
export class EstateRowDto {
  @ValidateNested() @Type(() => StandDto) stand!: StandDto
  @IsOptional() @ValidateNested() @Type(() => CaseDto) openCase!: CaseDto | null
  @ValidateNested() @Type(() => CaseStateDto) state!: CaseStateDto
  @ValidateNested() @Type(() => RibbonDto) ribbon!: RibbonDto
}

/** Which rows of the estate, and from which day on. */
export class EstateQueryDto {
  @Type(() => Number) @Counted('offset', { min: 0, max: 1e6 }) offset = 0
  @Type(() => Number) @Counted('limit', { min: 1, max: 100 }) limit = 40
  @IsDay('from') from!: string
}

/** A page of the estate, and how many stands there are in all. */
export class EstatePageDto {
  @IsInt() total!: number
  @IsArray() @ValidateNested({ each: true }) @Type(() => EstateRowDto) rows!: EstateRowDto[]
}

/** A stand with its whole story. */
export class StandStoryDto {
  @ValidateNested() @Type(() => StandDto) stand!: StandDto
  @IsArray() @ValidateNested({ each: true }) @Type(() => ReadingDto) readings!: ReadingDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => StoryEventDto) events!: StoryEventDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => CaseDto) cases!: CaseDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => LookDto) looks!: LookDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => PhotoDto) photos!: PhotoDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => RemedyDto) remedies!: RemedyDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => AcidPlanDto) acidPlans!: AcidPlanDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => JobDto) jobs!: JobDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => EntryDto) entries!: EntryDto[]
}
