import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsNumber,
  IsObject,
  IsOptional,
  IsUUID,
  ValidateNested,
} from 'class-validator'
import { situationNames, type Situation } from '@spudder/core/soil/acid-plan'
import { acidities, type SourceId } from '@spudder/core/material/source'
import {
  bufferTestNames,
  fizzAcidNames,
  fizzes,
  textureNames,
  type BufferTest,
  type Fizz,
  type FizzAcid,
  type TextureName,
} from '@spudder/core/soil/soil'
import { acids } from '@spudder/core/soil/water'
import { Bounded, IsDay, IsNewId, Note, recorded } from '../validation/index.ts'

const pHBounds = { min: 3, max: 10 }

/** One application of a plan; its id is that of the job it becomes. */
export class AcidStepDto {
  @IsNewId() id!: string
  @IsDay('Step on') day!: string
  @IsIn(acidities.map(({ sourceId }) => sourceId), {
    message: 'Material: choose one that moves pH.',
  })
  sourceId!: SourceId
  @Bounded('Amount', { min: 1e-6, max: 100, unit: 'kg/m²' }) kgPerM2!: number
}

/** A day on which pH is tested again; its id is that of the job it becomes. */
export class AcidRetestDto {
  @IsNewId() id!: string
  @IsDay('Test on') day!: string
}

/** What is said of the ground beside its readings. */
export class AcidGroundDto {
  @IsOptional()
  @IsIn(textureNames, { message: 'Texture: choose one of the list.' })
  texture?: TextureName
  @IsOptional() @IsIn(fizzes, { message: 'Fizz: choose none, slight or strong.' }) fizz?: Fizz
  /** What was dripped for it. */
  @IsOptional()
  @IsIn(fizzAcidNames, { message: 'Acid of the fizz: choose vinegar or hydrochloric acid.' })
  fizzAcid?: FizzAcid
  @Bounded('Depth', { min: 0.02, max: 1, unit: 'm' }) depthM!: number
  @IsOptional()
  @IsIn(bufferTestNames, { message: 'Buffer: choose Adams-Evans or Mehlich.' })
  bufferTest?: BufferTest
  @IsOptional()
  @Bounded('Titrated buffering', { min: 1, max: 500, unit: 'mmol/kg for one pH' })
  titratedMmol?: number
}

/** Water that is given, by its test; and the acid that goes into it, where one does. */
export class AcidWaterDto {
  @Bounded('Water', { min: 0, max: 5000, unit: 'mm a year' }) mmPerYear!: number
  @Bounded('Alkalinity', { min: 0, max: 1500, unit: 'mg/L CaCO3' }) alkalinityMgPerLCaCO3!: number
  @IsOptional()
  @IsIn(acids.map(({ id }) => id), { message: 'Acid: choose one of the list.' })
  acidId?: string
  /** Alkalinity that the acid leaves. */
  @IsOptional()
  @Bounded('Alkalinity to leave', { min: 0, max: 1500, unit: 'mg/L CaCO3' })
  leftMgPerLCaCO3?: number
}

class AcidPlanForm {
  /** The day of the pH that it starts from. */
  @IsDay('Starts on') startsOn!: string
  @Bounded('pH', pHBounds) fromPH!: number
  /** One standard deviation of the reading. */
  @Bounded('Doubt of the pH', { min: 0, max: 2 }) pHDoubt!: number
  @Bounded('Target pH', { min: 3.5, max: 8.5 }) targetPH!: number
  @IsIn(situationNames, { message: 'Where: choose one of the list.' }) situation!: Situation
  @IsObject({ message: 'Ground: give its depth and what is known.' })
  @ValidateNested()
  @Type(() => AcidGroundDto)
  ground!: AcidGroundDto
  @IsOptional()
  @IsObject({ message: 'Water: give millimetres and alkalinity.' })
  @ValidateNested()
  @Type(() => AcidWaterDto)
  water?: AcidWaterDto
  @IsArray({ message: 'Steps: give a list.' })
  @ArrayMinSize(1, { message: 'Steps: plan at least one.' })
  @ArrayMaxSize(40, { message: 'Steps: at most forty.' })
  @ValidateNested({ each: true })
  @Type(() => AcidStepDto)
  steps!: AcidStepDto[]
  @IsArray({ message: 'Retests: give a list.' })
  @ArrayMaxSize(10, { message: 'Retests: at most ten.' })
  @ValidateNested({ each: true })
  @Type(() => AcidRetestDto)
  retests!: AcidRetestDto[]
  @Note() note?: string
}

export class CreateAcidPlanDto extends AcidPlanForm {
  @IsNewId() id!: string
}

export class AcidPlanDto extends recorded(AcidPlanForm, ['note']) {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  /** Ground that it goes onto, when it was planned [m²]. */
  @IsNumber() groundM2!: number
}
