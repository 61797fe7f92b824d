import { Type } from 'class-transformer'
import {
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  ValidateNested,
} from 'class-validator'
import { settlingStates, type Settling } from '@spudder/core/verdict/diagnosis'
import { caseOutcomes, type CaseOutcome } from '../case/index.ts'
import { KeptTreatmentDto } from '../learning/index.ts'
import { Counted, IsDay } from '../validation/index.ts'

/** Which season: it runs with the calendar year. */
export class SeasonQueryDto {
  @Type(() => Number) @Counted('Season', { min: 1990, max: 2200 }) season!: number
}

/** Something that was put out and stands in the record, at the prices of the shelf. */
class SeasonEntryDto extends KeptTreatmentDto {
  /** Null for a step of an acid plan. */
  @IsOptional() @IsUUID() caseId!: string | null
  @IsString() appliedName!: string
  @IsNumber() productKg!: number
}

/** A check that was made before somebody acted, and what knowing its answer was worth. */
class SeasonCheckDto {
  @IsString() checkId!: string
  @IsString() name!: string
  /** Material and fees, as is usual. */
  @IsNumber() money!: number
  /** With minutes and days, in money. */
  @IsNumber() effort!: number
  /** Whether another treatment would have been thought best without it. */
  @IsBoolean() changes!: boolean
  /** What its answer was worth, in money. */
  @IsNumber() worth!: number
}

class FoundCauseDto {
  @IsString() name!: string
  @IsNumber() probability!: number
}

class ActedDto {
  @IsDay('Acted on') on!: string
  @IsIn(settlingStates) state!: Settling['state']
  /** How likely what then was best to do was right. */
  @IsNumber() right!: number
}

/** A case that was open in the season. */
class SeasonCaseDto {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsDay('Opened on') openedOn!: string
  @IsOptional() @IsDay('Closed on') closedOn!: string | null
  @IsOptional() @IsIn(caseOutcomes) outcome!: CaseOutcome | null
  /** Absent before anybody looked. */
  @IsOptional() @ValidateNested() @Type(() => FoundCauseDto) found?: FoundCauseDto
  /** Absent where nobody acted. */
  @IsOptional() @ValidateNested() @Type(() => ActedDto) acted?: ActedDto
  @IsArray() @ValidateNested({ each: true }) @Type(() => SeasonCheckDto) checks!: SeasonCheckDto[]
}

/** A look that is planned already. */
class PlannedLookDto {
  @IsUUID() standId!: string
  @IsDay('Due on') dueOn!: string
}

/** What was done, found and spent at a place in a season; what was seen is told by what it teaches. */
export class SeasonDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => SeasonEntryDto) entries!: SeasonEntryDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => SeasonCaseDto) cases!: SeasonCaseDto[]
  /** Of all days to come. */
  @IsArray() @ValidateNested({ each: true }) @Type(() => PlannedLookDto) looks!: PlannedLookDto[]
}
