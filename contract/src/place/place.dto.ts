import { Type } from 'class-transformer'
import { IsArray, IsIn, IsOptional, IsUUID, ValidateNested } from 'class-validator'
import {
  dropKitNames,
  ironSchoolNames,
  type DropKitName,
  type IronSchoolName,
} from '@spudder/core/reading'
import { unitSystems, type UnitSystem } from '@spudder/core/quantity'
import { LaboratoryMapDto } from '../laboratory/index.ts'
import { IsNewId, Named, Recorded } from '../validation/index.ts'

/** Climates that the weather stand-in knows. */
export const climates = ['temperate', 'continental', 'mediterranean', 'subtropical'] as const
export type Climate = (typeof climates)[number]

export class CreatePlaceDto {
  @IsNewId() id!: string
  @Named('Name') name!: string
  @IsIn(unitSystems, { message: 'Units: choose US or metric.' }) unitSystem!: UnitSystem
  @IsIn(climates, { message: `Climate: choose ${climates.join(', ')}.` }) climate!: Climate
}

/** What is asked once at a place and kept: schools, kits, how a laboratory heads its columns. */
export class PlaceSettingsDto {
  @IsOptional()
  @IsIn(ironSchoolNames, { message: 'Soil iron: choose one of the schools.' })
  ironSchool?: IronSchoolName
  @IsOptional()
  @IsArray({ message: 'Kits: give the kits in use.' })
  @IsIn(dropKitNames, { each: true, message: 'Kits: choose kits of the list.' })
  kits?: DropKitName[]
  @IsOptional()
  @IsArray({ message: 'Laboratories: give how each is read.' })
  @ValidateNested({ each: true })
  @Type(() => LaboratoryMapDto)
  laboratories?: LaboratoryMapDto[]
}

export class PlaceDto extends Recorded {
  @IsUUID() id!: string
  @Named('Name') name!: string
  @IsIn(unitSystems) unitSystem!: UnitSystem
  @IsIn(climates) climate!: Climate
  @ValidateNested() @Type(() => PlaceSettingsDto) settings!: PlaceSettingsDto
}
