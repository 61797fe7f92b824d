import { dayOrderNames, type DayOrder } from '@spudder/core/base/table'
import { intakeKinds, type IntakeKind, type IntakeMap } from '@spudder/core/outcome/intake'
import { IsIn, IsInt, IsObject, IsString, Length } from 'class-validator'
import { IsNewId } from '../validation/index.ts'

/** A spreadsheet to be taken in: all of it or nothing. */
export class CreateIntakeDto {
  @IsNewId() id!: string
  @IsIn(intakeKinds, { message: 'What it holds: choose one of the list.' }) kind!: IntakeKind
  @IsString({ message: 'File: give its name.' })
  @Length(1, 160, { message: 'File: give its name in 1 to 160 characters.' })
  fileName!: string
  @IsString({ message: 'File: give its text.' }) csv!: string
  /** Column by field. */
  @IsObject({ message: 'Columns: say which is which.' }) map!: IntakeMap
  @IsIn(dayOrderNames, { message: 'Days: choose one of the orders.' }) dayOrder!: DayOrder
}

/** How many rows came in. */
export class IntakeDto {
  @IsIn(intakeKinds) kind!: IntakeKind
  @IsInt() count!: number
}

/** How far a spreadsheet is on its way in. */
export class IntakeProgressDto {
  @IsInt() stored!: number
  @IsInt() of!: number
}
