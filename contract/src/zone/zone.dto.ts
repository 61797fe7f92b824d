import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  ValidateNested,
} from 'class-validator'
import { Type } from 'class-transformer'
import { EnclosesGround } from '../stand/index.ts'
import { Bounded, Changeable, IsDay, IsNewId, IsPastDay, Named } from '../validation/index.ts'

/** Where the zero of a grid lies on the globe, WGS 84. */
export class OriginDto {
  @Bounded('Longitude', { min: -180, max: 180, unit: '°' }) longitude!: number
  @Bounded('Latitude', { min: -85, max: 85, unit: '°' }) latitude!: number
}

/** Part of a stand, by its corners on the local grid. */
export class CreateZoneDto {
  @IsNewId() id!: string
  @Named('Name', 60) name!: string
  @IsArray({ message: 'Outline: give corners as pairs of metres.' })
  @ArrayMinSize(3, { message: 'Outline: give at least three corners.' })
  @ArrayMaxSize(2000, { message: 'Outline: at most 2000 corners.' })
  @EnclosesGround()
  outline!: number[][]
  @IsOptional()
  @IsObject({ message: 'Origin: give longitude and latitude.' })
  @ValidateNested()
  @Type(() => OriginDto)
  origin?: OriginDto
  @IsOptional() @Bounded('Chlorosis score', { min: 1, max: 5 }) score?: number
  @IsOptional() @IsPastDay('Scored on') scoredOn?: string
}

/** What is changed of a zone; what is left out stays. */
export class ChangeZoneDto {
  @IsOptional() @Named('Name', 60) name?: string
  @IsOptional()
  @IsObject({ message: 'Origin: give longitude and latitude.' })
  @ValidateNested()
  @Type(() => OriginDto)
  origin?: OriginDto
  @IsOptional() @Bounded('Chlorosis score', { min: 1, max: 5 }) score?: number
  @IsOptional() @IsPastDay('Scored on') scoredOn?: string
  @IsOptional()
  @IsBoolean({ message: 'Taken away: say true or false.' })
  isTakenAway?: boolean
}

export class ZoneDto extends Changeable {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsString() name!: string
  @IsArray() outline!: number[][]
  @IsOptional() @ValidateNested() @Type(() => OriginDto) origin!: OriginDto | null
  @IsOptional() @IsNumber() score!: number | null
  @IsOptional() @IsDay('Scored on') scoredOn!: string | null
  @IsBoolean() isTakenAway!: boolean
}
