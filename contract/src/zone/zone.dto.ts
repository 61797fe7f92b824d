import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsObject,
  IsOptional,
  IsUUID,
  ValidateNested,
} from 'class-validator'
import { Type } from 'class-transformer'
import { EnclosesGround } from '../stand/index.ts'
import { Bounded, changeable, changes, IsNewId, IsPastDay, Named } from '../validation/index.ts'

/** Where the zero of a grid lies on the globe, WGS 84. */
export class OriginDto {
  @Bounded('Longitude', { min: -180, max: 180, unit: '°' }) longitude!: number
  @Bounded('Latitude', { min: -85, max: 85, unit: '°' }) latitude!: number
}

/** What may be changed of a part of a stand. */
class ZoneForm {
  @Named('Name', 60) name!: string
  @IsOptional()
  @IsObject({ message: 'Origin: give longitude and latitude.' })
  @ValidateNested()
  @Type(() => OriginDto)
  origin?: OriginDto
  @IsOptional() @Bounded('Chlorosis score', { min: 1, max: 5 }) score?: number
  @IsOptional() @IsPastDay('Scored on') scoredOn?: string
}

/** Part of a stand, by its corners on the local grid; corners stay as they were drawn. */
class DrawnZoneForm extends ZoneForm {
  @IsArray({ message: 'Outline: give corners as pairs of metres.' })
  @ArrayMinSize(3, { message: 'Outline: give at least three corners.' })
  @ArrayMaxSize(2000, { message: 'Outline: at most 2000 corners.' })
  @EnclosesGround()
  outline!: number[][]
}

export class CreateZoneDto extends DrawnZoneForm {
  @IsNewId() id!: string
}

/** What is changed of a zone; what is left out stays. */
export class ChangeZoneDto extends changes(ZoneForm) {
  @IsOptional()
  @IsBoolean({ message: 'Taken away: say true or false.' })
  isTakenAway?: boolean
}

export class ZoneDto extends changeable(DrawnZoneForm) {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsBoolean() isTakenAway!: boolean
}
