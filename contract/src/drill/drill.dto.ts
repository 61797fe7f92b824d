import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  MaxLength,
  ValidateNested,
} from 'class-validator'
import { contextNames, type Context } from '@spudder/core/stand/plant'
import {
  allCauses,
  checks,
  featureNames,
  storyEventKinds,
  type FeatureName,
  type StoryEventKind,
} from '@spudder/core/verdict/diagnosis'
import {
  drawnKinds,
  drillKindNames,
  type DrawnKind,
  type DrillKind,
} from '@spudder/core/verdict/drill'
import { PastTreatmentDto } from '../precedent/index.ts'
import { Bounded, IsDay, IsNewId, IsPastDay, mendable, Named } from '../validation/index.ts'

const causeIds = allCauses.map(({ id }) => id)
const checkIds = checks.map(({ id }) => id)
const ofTheList = { message: 'Cause: choose one of the list.' }

/** What decides a drilled case, and what was said of it. */
export class DrillForm {
  @IsIn(drillKindNames, { message: 'Kind of drill: choose one of the list.' }) kind!: DrillKind
  @IsIn(contextNames, { message: 'Kind of stand: choose one of the list.' }) context!: Context
  @Named('Plant') plantId!: string
  /** What is asked for, or what is true. */
  @IsIn(causeIds, ofTheList) causeId!: string
  /** What it has to be told apart from. */
  @IsOptional() @IsIn(causeIds, ofTheList) against?: string
  @Bounded('Seed', { min: 0, max: 1 }) seed!: number
  @IsIn(causeIds, ofTheList) saidId!: string
  /** Checks made, in their order. */
  @IsArray({ message: 'Checks: give a list.' })
  @ArrayMaxSize(checkIds.length, { message: `Checks: at most ${checkIds.length}.` })
  @IsIn(checkIds, { each: true, message: 'Checks: choose them of the list.' })
  asked!: readonly string[]
  @IsPastDay('Answered on') answeredOn!: string
}

export class CreateDrillDto extends DrillForm {
  @IsNewId() id!: string
  @IsIn(drawnKinds, { message: 'Kind of drill: choose one that is drawn.' }) declare kind: DrawnKind
}

/** What was said of an own case. */
export class CreateOwnDrillDto {
  @IsNewId() id!: string
  @IsUUID('all', { message: 'Case: choose one that is closed as green.' }) caseId!: string
  @IsIn(causeIds, ofTheList) saidId!: string
  @IsPastDay('Answered on') answeredOn!: string
}

class KnownFeatureDto {
  @IsIn(featureNames) name!: FeatureName
  @IsString() value!: string
}

class ToldBeforeDto {
  @IsIn(storyEventKinds) kind!: StoryEventKind
  @IsDay('Happened on') happenedOn!: string
}

/** A closed case of a place that greened, as it stood when somebody acted. */
export class OwnCaseDto {
  @IsUUID() caseId!: string
  @IsString() standName!: string
  @IsIn(contextNames) context!: Context
  @IsString() plantId!: string
  /** What was treated for when it greened. */
  @IsString() causeId!: string
  @IsDay('Looked on') lookedOn!: string
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => KnownFeatureDto)
  known!: readonly KnownFeatureDto[]
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => ToldBeforeDto)
  story!: readonly ToldBeforeDto[]
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => PastTreatmentDto)
  treatments!: readonly PastTreatmentDto[]
  @IsDay('Closed on') closedOn!: string
  @IsString() note!: string
}

/** How one went about a case, and what it came to. */
class WentDto {
  @IsString() @MaxLength(80) saidId!: string
  @IsArray() @IsString({ each: true }) asked!: readonly string[]
  @IsNumber() right!: number
  @IsNumber() loss!: number
}

/** What an answer came to, worked out when it was given and kept as it was. */
class DrillScoreDto {
  @IsArray() @IsString({ each: true }) truth!: readonly string[]
  @ValidateNested() @Type(() => WentDto) went!: WentDto
  @ValidateNested() @Type(() => WentDto) good!: WentDto
  @IsNumber() regret!: number
  @IsArray() @IsString({ each: true }) offered!: readonly string[]
  /** By plant, then by what could be said. */
  @IsArray() @IsArray({ each: true }) shares!: readonly (readonly number[])[]
  /** The case as it was, where it was one of the own place. */
  @IsOptional() @ValidateNested() @Type(() => OwnCaseDto) own?: OwnCaseDto
}

export class DrillDto extends mendable(DrillForm) {
  @IsUUID() id!: string
  @IsUUID() placeId!: string
  @ValidateNested() @Type(() => DrillScoreDto) score!: DrillScoreDto
}
