import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsOptional,
  IsString,
  Length,
  Max,
  Min,
  ValidateNested,
} from 'class-validator'
import { photoParts, type PhotoPart } from '@spudder/core/seen/photo'
import { Bounded, IsPastDay } from '../validation/index.ts'

/** A dab of the brush: what lies under it is plant, or is not. */
export class DabDto {
  @IsIn(['plant', 'not-plant'], { message: 'Dab: say plant or not-plant.' })
  is!: 'plant' | 'not-plant'
  @Bounded('Dab, x', { min: -1, max: 2 }) x!: number
  @Bounded('Dab, y', { min: -1, max: 2 }) y!: number
  @Bounded('Dab, radius', { min: 0.001, max: 1 }) radius!: number
  @IsBoolean({ message: 'Dab: say whether all that is alike goes with it.' }) andAlike!: boolean
}

/** What a photo was measured to show. */
export class PhotoMeasureDto {
  @Bounded('Dark green colour index', { min: 0, max: 1 }) darkGreenIndex!: number
  @Bounded('Doubt of the index', { min: 0, max: 1 }) doubt!: number
  @Bounded('Greenness', { min: 0, max: 1 }) greenness!: number
  @Bounded('Doubt of the greenness', { min: 0, max: 1 }) greennessDoubt!: number
  @Bounded('Cover', { min: 0, max: 1 }) cover!: number
  @Bounded('Vein contrast', { min: 0, max: 1 }) veinContrast!: number
  @IsArray({ message: 'Severity: give six shares.' })
  @ArrayMinSize(6, { message: 'Severity: give six shares.' })
  @ArrayMaxSize(6, { message: 'Severity: give six shares.' })
  @IsNumber({}, { each: true, message: 'Severity: give six shares.' })
  @Min(0, { each: true, message: 'Severity: give shares from 0 to 1.' })
  @Max(1, { each: true, message: 'Severity: give shares from 0 to 1.' })
  severityShares!: number[]
  /** Ids of what stands against it. */
  @IsArray({ message: 'Remarks: give their names.' })
  @ArrayMaxSize(20, { message: 'Remarks: at most 20.' })
  @IsString({ each: true, message: 'Remarks: give their names.' })
  @Length(1, 40, { each: true, message: 'Remarks: give their names.' })
  remarks!: string[]
  /** Whether it can be compared with others, and so is kept as a reading too. */
  @IsBoolean({ message: 'Say whether it can be compared.' }) isComparable!: boolean
  @IsArray({ message: 'Dabs: give a list.' })
  @ArrayMaxSize(400, { message: 'Dabs: at most 400.' })
  @ValidateNested({ each: true })
  @Type(() => DabDto)
  dabs!: DabDto[]
  @IsIn(photoParts, { message: 'Part: choose one of the list.' }) part!: PhotoPart
  /** The day it shows, where the camera wrote none, or a wrong one. */
  @IsOptional() @IsPastDay('Taken on') takenOn?: string
}
