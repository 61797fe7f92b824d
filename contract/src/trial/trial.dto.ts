import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsString,
  IsUUID,
  Length,
  ValidateNested,
  registerDecorator,
} from 'class-validator'
import { CoreError } from '@spudder/core/base/error'
import { planTrial, trialLayouts, type TrialLayout } from '@spudder/core/outcome/trial'
import { readingKinds, type ReadingKind } from '@spudder/core/seen/reading'
import { Bounded, IsNewId, IsPastDay, Named, Note, mendable } from '../validation/index.ts'

const layouts = Object.keys(trialLayouts) as TrialLayout[]
/** Scales that plots are rated on. */
export const trialScales = (Object.keys(readingKinds) as ReadingKind[]).filter(
  (kind) => readingKinds[kind].isColour,
)

/** What is compared, with its levels; one of them ought to be untreated. */
export class FactorDto {
  @Named('Factor', 40) name!: string
  @IsArray({ message: 'Levels: give a list.' })
  @ArrayMinSize(2, { message: 'Levels: give two or more, one of them untreated.' })
  @ArrayMaxSize(12, { message: 'Levels: at most 12.' })
  @IsString({ each: true, message: 'Levels: give their names.' })
  @Length(1, 60, { each: true, message: 'Levels: each in 1 to 60 characters.' })
  levels!: string[]
}

/** A design that can be laid out; the message says what it must have. */
function CanBeLaidOut(): PropertyDecorator {
  const problemOf = (value: unknown): string | undefined => {
    if (typeof value !== 'object' || value === null) return 'Trial: give its design.'
    try {
      planTrial(value as TrialDesignDto, 0.5)
      return undefined
    } catch (error) {
      return error instanceof CoreError ? error.sentence('Trial') : 'Trial: give its design.'
    }
  }
  return (target, key) =>
    registerDecorator({
      name: 'canBeLaidOut',
      target: target.constructor,
      propertyName: key as string,
      validator: {
        validate: (value: unknown) => problemOf(value) === undefined,
        defaultMessage: (args) => problemOf(args?.value) ?? '',
      },
    })
}

export class TrialDesignDto {
  @IsIn(layouts, { message: 'Layout: choose one of the list.' }) layout!: TrialLayout
  @IsArray({ message: 'Factors: give one or two.' })
  @ArrayMinSize(1, { message: 'Factors: give one or two.' })
  @ArrayMaxSize(2, { message: 'Factors: give one or two.' })
  @ValidateNested({ each: true })
  @Type(() => FactorDto)
  factors!: FactorDto[]
  @IsInt({ message: 'Replicates: give a whole number.' })
  @Bounded('Replicates', { min: 1, max: 60 })
  replicates!: number
}

/** What may be put right of a trial: its plots lie as they were drawn. */
export class TrialNotesForm {
  @Named('Name') name!: string
  @Bounded('Plot length', { min: 0.05, max: 500, unit: 'm' }) plotLengthM!: number
  @Bounded('Plot width', { min: 0.05, max: 500, unit: 'm' }) plotWidthM!: number
  @IsPastDay('Laid out on') startedOn!: string
  @Note() note?: string
}

class TrialForm extends TrialNotesForm {
  @ValidateNested() @Type(() => TrialDesignDto) @CanBeLaidOut() design!: TrialDesignDto
  /** What the layout is drawn by; kept, so that it can be drawn again. */
  @Bounded('Seed', { min: 0, max: 1 }) seed!: number
  @IsIn(trialScales, { message: 'Scale: choose one of the list.' }) scale!: ReadingKind
}

export class CreateTrialDto extends TrialForm {
  @IsNewId() id!: string
}

/** One plot rated once; rated again on the same day, the newer counts. */
export class RatingForm {
  @IsInt({ message: 'Plot: give its number.' })
  @Bounded('Plot', { min: 1, max: 1000 })
  plot!: number
  @IsPastDay('Rated on') ratedOn!: string
  @Bounded('Rating', { min: -1, max: 100 }) value!: number
}

export class RatingDto extends RatingForm {
  @IsNewId() id!: string
}

/** Plots rated in one walk. */
export class RatePlotsDto {
  @IsArray({ message: 'Ratings: give a list.' })
  @ArrayMinSize(1, { message: 'Ratings: rate a plot.' })
  @ArrayMaxSize(240, { message: 'Ratings: at most 240 at once.' })
  @ValidateNested({ each: true })
  @Type(() => RatingDto)
  ratings!: RatingDto[]
}

/** A rating as it is kept. */
export class PlotRatingDto extends mendable(RatingForm) {
  @IsUUID() id!: string
}

export class TrialDto extends mendable(TrialForm, ['note']) {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  /** Of ratings of one plot on one day only the newest. */
  @IsArray() @ValidateNested({ each: true }) @Type(() => PlotRatingDto) ratings!: PlotRatingDto[]
}
