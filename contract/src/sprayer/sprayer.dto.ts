import { Type } from 'class-transformer'
import {
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsUUID,
  ValidateNested,
} from 'class-validator'
import {
  nozzleKinds,
  nozzleSizes,
  setupOf,
  sprayerKindNames,
  sprayerKindOf,
  type MeasureName,
  type NozzleKind,
  type SprayerKind,
  type SprayerSetup,
} from '@spudder/core/apply/sprayer'
import {
  Bounded,
  NeededIf,
  changeable,
  changes,
  IsNewId,
  IsPastDay,
  Named,
} from '../validation/index.ts'

const ofNozzle = Object.keys(nozzleKinds) as NozzleKind[]
const sizes = nozzleSizes.map(({ id }) => id)

const has =
  (measure: MeasureName) =>
  ({ kind }: SprayerSetupDto): boolean =>
    sprayerKindNames.includes(kind) && sprayerKindOf(kind).measures.includes(measure)

/** Set-up of a sprayer; which measures it needs follows from its kind. */
export class SprayerSetupDto {
  @IsIn(sprayerKindNames, { message: 'Kind: choose one of the list.' }) kind!: SprayerKind
  @Bounded('Tank', { min: 0.1, max: 1e5, unit: 'L' }) tankL!: number
  @NeededIf(has('nozzleKind'))
  @IsIn(ofNozzle, { message: 'Nozzles: choose one of the list.' })
  nozzleKind?: NozzleKind
  @NeededIf(has('nozzleSize'))
  @IsIn(sizes, { message: `Nozzle size: choose one of ${sizes.join(', ')}.` })
  nozzleSize?: string
  @NeededIf(has('nozzleCount'))
  @IsInt({ message: 'Nozzles: give a whole number from 1 to 200.' })
  @Bounded('Nozzles', { min: 1, max: 200 })
  nozzleCount?: number
  @NeededIf(has('spacingM'))
  @Bounded('Spacing', { min: 0.1, max: 3, unit: 'm' })
  spacingM?: number
  @NeededIf(has('pressureBar'))
  @Bounded('Pressure', { min: 0.3, max: 20, unit: 'bar' })
  pressureBar?: number
  @NeededIf(has('speedKmPerH'))
  @Bounded('Speed', { min: 0.3, max: 40, unit: 'km/h' })
  speedKmPerH?: number
  @NeededIf(has('ratio')) @Bounded('Ratio', { min: 2, max: 2000 }) ratio?: number
}

/** A rate that was measured with water. */
export class CalibrationDto {
  @IsPastDay('Measured on') measuredOn!: string
  @Bounded('Rate measured', { min: 1e-4, max: 100, unit: 'L/m²' }) rateLPerM2!: number
  @Named('How it was measured', 300) how!: string
}

class SprayerForm {
  @Named('Name') name!: string
  @IsObject({ message: 'Set-up: give kind and measures.' })
  @ValidateNested()
  @Type(() => SprayerSetupDto)
  setup!: SprayerSetupDto
}

export class CreateSprayerDto extends SprayerForm {
  @IsNewId() id!: string
}

/** What is changed of a sprayer; what is left out stays. A new set-up wants a new calibration. */
export class ChangeSprayerDto extends changes(SprayerForm) {
  @IsOptional()
  @IsObject({ message: 'Calibration: give day, rate and how.' })
  @ValidateNested()
  @Type(() => CalibrationDto)
  calibration?: CalibrationDto
  @IsOptional() @IsBoolean({ message: 'Retired: give yes or no.' }) isRetired?: boolean
}

export class SprayerDto extends changeable(SprayerForm) {
  @IsUUID() id!: string
  @IsUUID() placeId!: string
  @IsOptional() @ValidateNested() @Type(() => CalibrationDto) calibration!: CalibrationDto | null
  @IsBoolean() isRetired!: boolean
}

/**
 * The set-up as the core takes it.
 * @throws {CoreError} not-applicable where a measure of its kind is missing, which validation tells before
 */
export const toSetup = ({ kind, tankL, ...measures }: SprayerSetupDto): SprayerSetup =>
  setupOf(kind, tankL, measures)
