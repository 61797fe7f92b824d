import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsIn,
  IsNumber,
  IsOptional,
  IsUUID,
  Validate,
  ValidateNested,
  ValidatorConstraint,
  type ValidationArguments,
  type ValidatorConstraintInterface,
} from 'class-validator'
import { Type } from 'class-transformer'
import {
  eyeScaleNames,
  fewestPhotos,
  picturesOfSitting,
  type EyeScale,
} from '@spudder/core/seen/eye'
import { readingKinds } from '@spudder/core/seen/reading'
import { Bounded, IsNewId, IsPastDay, mendable, Note } from '../validation/index.ts'

const everyShowing = 2 * picturesOfSitting.value

/** Values that a scale has: the bounds follow the scale. */
@ValidatorConstraint({ name: 'onItsScale' })
class OnItsScale implements ValidatorConstraintInterface {
  validate(value: unknown, { object }: ValidationArguments): boolean {
    const { scale } = object as EyeSittingForm
    if (!Array.isArray(value) || !eyeScaleNames.includes(scale)) return true
    const { min, max } = readingKinds[scale]
    return value.every((each) => typeof each === 'number' && each >= min && each <= max)
  }

  defaultMessage({ object }: ValidationArguments): string {
    const { min, max } = readingKinds[(object as EyeSittingForm).scale]
    return `Ratings: give numbers from ${min} to ${max}.`
  }
}

/** What one person said of the pictures of a sitting, in the order in which they were shown. */
export class EyeSittingForm {
  @IsIn(eyeScaleNames, { message: 'Scale: choose one of the list.' }) scale!: EyeScale
  @IsPastDay('Rated on') ratedOn!: string
  /** Decides which pictures were shown. */
  @Bounded('Seed', { min: 0, max: 1 }) seed!: number
  @IsArray({ message: 'Ratings: give a list of numbers.' })
  @ArrayMinSize(1, { message: 'Ratings: rate one picture at least.' })
  @ArrayMaxSize(everyShowing, { message: `Ratings: at most ${everyShowing}.` })
  @Validate(OnItsScale)
  said!: number[]
  /** What the pictures were looked at on: screens differ. */
  @Note(60) screen?: string
}

export class CreateEyeSittingDto extends EyeSittingForm {
  @IsNewId() id!: string
  /** Photos that were shown, in the order that the seed mixed; absent: drawings were. */
  @IsOptional()
  @IsArray({ message: 'Photos: give a list.' })
  @ArrayMinSize(fewestPhotos.value, { message: `Photos: give ${fewestPhotos.value} at least.` })
  @ArrayMaxSize(picturesOfSitting.value, {
    message: `Photos: give ${picturesOfSitting.value} at most.`,
  })
  @ArrayUnique({ message: 'Photos: give each once.' })
  @IsUUID('all', { each: true, message: 'Photos: give their ids.' })
  photoIds?: string[]
}

/** A photo that can be rated: its leaves were measured by the card. */
export class RatedPhotoDto {
  @IsUUID() photoId!: string
  /** On which scales photos of its stand are rated. */
  @IsIn(eyeScaleNames, { each: true }) scales!: EyeScale[]
  /** What it was measured to show, 0 to 1. */
  @IsNumber() greenness!: number
}

/** One time that a picture was shown, and what an eye without fault would have said of it. */
class ShownDto {
  @IsNumber() picture!: number
  @IsNumber() truth!: number
  /** Which photo it was; absent: it was drawn. */
  @IsOptional() @IsUUID() photoId?: string
}

export class EyeSittingDto extends mendable(EyeSittingForm, ['screen']) {
  @IsUUID() id!: string
  @IsUUID() placeId!: string
  /** As they were shown, one for each rating. */
  @IsArray() @ValidateNested({ each: true }) @Type(() => ShownDto) shown!: ShownDto[]
}
