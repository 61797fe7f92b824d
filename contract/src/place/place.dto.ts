import { IsIn, IsUUID } from 'class-validator'
import { unitSystems, type UnitSystem } from '@spudder/core/quantity'
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

export class PlaceDto extends Recorded {
  @IsUUID() id!: string
  @Named('Name') name!: string
  @IsIn(unitSystems) unitSystem!: UnitSystem
  @IsIn(climates) climate!: Climate
}
