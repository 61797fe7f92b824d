import { Type } from 'class-transformer'
import {
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Validate,
  ValidateNested,
  ValidatorConstraint,
  type ValidationArguments,
  type ValidatorConstraintInterface,
} from 'class-validator'
import {
  cameWays,
  pHPreparationNames,
  readingKindNames,
  readingKinds,
  readingMethodNames,
  readingPlaceNames,
  type Came,
  type PHPreparation,
  type ReadingKind,
  type ReadingMethod,
  type ReadingPlace,
} from '@spudder/core/seen/reading'
import { Bounded, IsNewId, IsPastDay, Note, mendable } from '../validation/index.ts'

/** A value that a reading of its kind can have: the bounds follow the kind. */
@ValidatorConstraint({ name: 'fitsKind' })
class FitsKind implements ValidatorConstraintInterface {
  validate(value: unknown, { object }: ValidationArguments): boolean {
    const kind = readingKinds[(object as CreateReadingDto).kind]
    if (typeof value !== 'number' || !Number.isFinite(value)) return false
    return kind === undefined || (value >= kind.min && value <= kind.max)
  }

  defaultMessage({ object }: ValidationArguments): string {
    const kind = readingKinds[(object as CreateReadingDto).kind]
    if (!kind) return 'Value: give a number.'
    const unit = 'unit' in kind && kind.unit !== '' ? ` ${kind.unit}` : ''
    return `${kind.label}: give a number from ${kind.min} to ${kind.max}${unit}.`
  }
}

export class ReadingForm {
  @IsIn(readingKindNames, { message: 'Reading: choose one of the list.' }) kind!: ReadingKind
  @Validate(FitsKind) value!: number
  @IsIn(readingMethodNames, { message: 'Method: choose one of the list.' }) method!: ReadingMethod
  @IsPastDay('Taken on') takenOn!: string
  @IsOptional()
  @IsIn(pHPreparationNames, { message: 'Prepared: choose one of the list.' })
  preparation?: PHPreparation
  @IsOptional()
  @IsIn(readingPlaceNames, { message: 'Place: choose one of the list.' })
  place?: ReadingPlace
  /** One standard deviation, where kit or laboratory gives one. */
  @IsOptional() @Bounded('Doubt', { min: 0, max: 1e5 }) doubt?: number
  /** Kit, meter with its calibration, or laboratory. */
  @IsOptional()
  @IsString({ message: 'Instrument: give its name.' })
  @Length(0, 120, { message: 'Instrument: at most 120 characters.' })
  instrument?: string
  @Note() note?: string
}

/** How a value came to be known, with what it came by. */
class CameDto {
  @IsIn(cameWays) how!: Came['how']
  /** What measured it, worked it out or made it up. */
  @IsOptional() @IsString() by?: string
  @IsOptional() @IsString() file?: string
  @IsOptional() @IsInt() line?: number
}

export class CreateReadingDto extends ReadingForm {
  @IsNewId() id!: string
}

export class ReadingDto extends mendable(ReadingForm, ['instrument', 'note']) {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @ValidateNested() @Type(() => CameDto) came!: Came
}
