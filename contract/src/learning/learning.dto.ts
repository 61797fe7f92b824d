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
import { sourceIds, type SourceId } from '@spudder/core/material/source'
import { isColourKind } from '@spudder/core/seen/colour'
import {
  pHPreparationNames,
  readingKindNames,
  readingMethodNames,
  readingPlaceNames,
  type ColourReadingKind,
  type PHPreparation,
  type ReadingKind,
  type ReadingMethod,
  type ReadingPlace,
} from '@spudder/core/seen/reading'
import { contextNames, routes, type Context, type Route } from '@spudder/core/stand/plant'
import { IsDay } from '../validation/index.ts'

const colourKinds = readingKindNames.filter(isColourKind)

class LearningStandDto {
  @IsUUID() id!: string
  @IsString() name!: string
  @IsIn(contextNames) context!: Context
  @IsString() plantId!: string
  /** What a day of the wholly pale stand costs, in the money of the place. */
  @IsNumber() paleLossPerDay!: number
}

/** A colour that counts, of the stand itself or of a strip. */
class KeptColourDto {
  @IsUUID() standId!: string
  @IsIn(colourKinds) kind!: ColourReadingKind
  @IsNumber() value!: number
  @IsIn(readingMethodNames) method!: ReadingMethod
  @IsDay('Taken on') takenOn!: string
  @IsOptional() @IsNumber() doubt?: number
  @IsOptional() @IsIn(readingPlaceNames) place?: ReadingPlace
  /** Whoever rated it by eye. */
  @IsOptional() @IsString() ratedBy?: string
  /** There where a practice device made it up, and the place lets such count. */
  @IsOptional() @IsBoolean() isSimulated?: true
}

/** A reading that may be compared with one of a laboratory beside it, or is one. */
class KeptMeasureDto {
  @IsUUID() readingId!: string
  @IsUUID() standId!: string
  @IsIn(readingKindNames) kind!: ReadingKind
  @IsNumber() value!: number
  @IsIn(readingMethodNames) method!: ReadingMethod
  @IsDay('Taken on') takenOn!: string
  /** Name of kit, meter or laboratory; empty where none was named. */
  @IsString() instrument!: string
  @IsOptional() @IsIn(pHPreparationNames) preparation?: PHPreparation
  @IsOptional() @IsIn(readingPlaceNames) place?: ReadingPlace
  @IsOptional() @IsNumber() doubt?: number
}

/** A treatment of a case that stands in the record. */
export class KeptTreatmentDto {
  @IsUUID() entryId!: string
  @IsUUID() standId!: string
  @IsDay('Applied on') appliedOn!: string
  @IsIn(routes) route!: Route
  @IsIn(sourceIds) sourceId!: SourceId
  /** What it cost, in the money of the place; absent where no price is known. */
  @IsOptional() @IsNumber() cost?: number
}

/** Everything of a place that teaches how leaves answer there, and how its instruments read. */
export class LearningDto {
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => LearningStandDto)
  stands!: LearningStandDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => KeptColourDto) colours!: KeptColourDto[]
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => KeptTreatmentDto)
  treatments!: KeptTreatmentDto[]
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => KeptMeasureDto)
  measures!: KeptMeasureDto[]
}

class RetestSaidDto {
  @IsDay('Tested on') day!: string
  @IsNumber() pH!: number
  /** One standard deviation, with that from spot to spot. */
  @IsNumber() doubt!: number
}

/** How ground holds its pH. */
class BufferSaidDto {
  /** Acid for one pH [mmol H⁺/kg]. */
  @IsNumber() mmolPerKg!: number
  /** One standard deviation of its logarithm. */
  @IsNumber() doubt!: number
}

/** What retests of an acid plan say of how its ground holds its pH. */
class TaughtPlanDto {
  @IsUUID() planId!: string
  @IsUUID() standId!: string
  @IsDay('Starts on') startsOn!: string
  @IsArray() @ValidateNested({ each: true }) @Type(() => RetestSaidDto) retests!: RetestSaidDto[]
  /** What was figured from what was measured of the ground. */
  @ValidateNested() @Type(() => BufferSaidDto) figured!: BufferSaidDto
  /** What the retests say by themselves; absent where that is nothing. */
  @IsOptional() @ValidateNested() @Type(() => BufferSaidDto) said?: BufferSaidDto
}

/** All plans of a place that were tested after. */
export class BufferingDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => TaughtPlanDto) plans!: TaughtPlanDto[]
}
