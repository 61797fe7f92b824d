import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsOptional,
  Max,
  Min,
  registerDecorator,
} from 'class-validator'
import { CoreError } from '@spudder/core/base/error'
import { checkOutline, type Outline } from '@spudder/core/stand/ground'
import { varietyNames, type Variety } from '@spudder/core/stand/plant'
import { Bounded, IsDay } from '../validation/index.ts'

const farthestM = 50000

function isOutline(value: unknown): value is Outline {
  return (
    Array.isArray(value) &&
    value.every(
      (point) =>
        Array.isArray(point) &&
        point.length === 2 &&
        point.every((each) => Number.isFinite(each) && Math.abs(Number(each)) <= farthestM),
    )
  )
}

/** Corners on the local grid that enclose ground; the message says what is wrong with them. */
export function EnclosesGround(): PropertyDecorator {
  const problemOf = (value: unknown): string | undefined => {
    if (!isOutline(value)) return 'Outline: give corners as pairs of metres.'
    try {
      checkOutline(value)
      return undefined
    } catch (error) {
      if (error instanceof CoreError) return error.sentence('Outline')
      throw error
    }
  }
  return (target, key) =>
    registerDecorator({
      name: 'enclosesGround',
      target: target.constructor,
      propertyName: key as string,
      validator: {
        validate: (value: unknown) => problemOf(value) === undefined,
        defaultMessage: (args) => problemOf(args?.value) ?? '',
      },
    })
}

/** What is known of a stand beside its size: what was measured, and how it grows. */
export class StandMeasuresDto {
  @IsOptional()
  @IsArray({ message: 'Outline: give corners as pairs of metres.' })
  @ArrayMinSize(3, { message: 'Outline: give at least three corners.' })
  @ArrayMaxSize(2000, { message: 'Outline: at most 2000 corners.' })
  @EnclosesGround()
  outline?: number[][]
  /** Where the stand's own grid begins on the grid of the place, east and north [m]. */
  @IsOptional()
  @IsArray({ message: 'Where it lies: give metres to the east and to the north.' })
  @ArrayMinSize(2, { message: 'Where it lies: give metres to the east and to the north.' })
  @ArrayMaxSize(2, { message: 'Where it lies: give metres to the east and to the north.' })
  @Min(-farthestM, { each: true, message: 'Where it lies: within 50 km.' })
  @Max(farthestM, { each: true, message: 'Where it lies: within 50 km.' })
  atM?: number[]
  @IsOptional() @Bounded('Ground', { min: 0.1, max: 1e8, unit: 'm²' }) groundM2?: number
  @IsOptional() @Bounded('Plants', { min: 1, max: 1e7 }) plantCount?: number
  @IsOptional() @Bounded('Row', { min: 0.1, max: 1e7, unit: 'm' }) rowM?: number
  @IsOptional() @Bounded('From plant to plant', { min: 0.01, max: 50, unit: 'm' }) inRowM?: number
  @IsOptional()
  @Bounded('From row to row', { min: 0.05, max: 100, unit: 'm' })
  betweenRowsM?: number
  @IsOptional() @Bounded('Canopy', { min: 0.01, max: 1e8, unit: 'm²' }) canopyM2?: number
  @IsOptional() @Bounded('Depth of the roots', { min: 0.02, max: 5, unit: 'm' }) rootDepthM?: number
  @IsOptional()
  @IsIn(varietyNames, { message: 'Variety: choose one of the list.' })
  variety?: Variety
  @IsOptional() @Bounded('Own pH, from', { min: 3, max: 9 }) pHLow?: number
  @IsOptional() @Bounded('Own pH, to', { min: 3, max: 9 }) pHHigh?: number
  @IsOptional() @IsDay('Planted on') plantedOn?: string
  @IsOptional() @IsDay('Came up on') emergedOn?: string
  @IsOptional()
  @IsBoolean({ message: 'Alone: say whether each stands by itself.' })
  isAlone?: boolean
}

const weekday = { message: 'Days of the week: give numbers from 1, Monday, to 7, Sunday.' }
function Weekdays(): Property {
  return (target, key) => {
    IsArray(weekday)(target, key)
    ArrayMaxSize(7, weekday)(target, key)
    IsIn([1, 2, 3, 4, 5, 6, 7], { each: true, ...weekday })(target, key)
  }
}
type Property = (target: object, key: string) => void

/** What the planner has to know of a stand: when it is mown and watered, what a pale day costs. */
export class StandCareDto {
  @IsOptional() @Weekdays() mowingDays?: number[]
  @IsOptional() @Weekdays() wateringDays?: number[]
  @IsOptional()
  @Bounded('Loss of a pale day', { min: 0, max: 1e5, unit: 'of your money' })
  paleLossPerDay?: number
}
