import { Type } from 'class-transformer'
import {
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  ValidateIf,
  ValidateNested,
} from 'class-validator'
import {
  nozzleKinds,
  nozzleSizes,
  sprayerKinds,
  type NozzleKind,
  type SprayerKind,
  type SprayerSetup,
} from '@spudder/core/apply/sprayer'
import { Bounded, IsNewId, IsPastDay, Named, Recorded } from '../validation/index.ts'

const kinds = Object.keys(sprayerKinds) as SprayerKind[]
const ofNozzle = Object.keys(nozzleKinds) as NozzleKind[]
const sizes = nozzleSizes.map(({ id }) => id)

const only =
  (kind: SprayerKind) =>
  (setup: SprayerSetupDto): boolean =>
    setup.kind === kind

/** Set-up of a sprayer; which measures it needs follows from its kind. */
export class SprayerSetupDto {
  @IsIn(kinds, { message: 'Kind: choose one of the list.' }) kind!: SprayerKind
  @Bounded('Tank', { min: 0.1, max: 1e5, unit: 'L' }) tankL!: number
  @ValidateIf(only('boom'))
  @IsIn(ofNozzle, { message: 'Nozzles: choose one of the list.' })
  nozzleKind?: NozzleKind
  @ValidateIf(only('boom'))
  @IsIn(sizes, { message: `Nozzle size: choose one of ${sizes.join(', ')}.` })
  nozzleSize?: string
  @ValidateIf(only('boom'))
  @IsInt({ message: 'Nozzles: give a whole number from 1 to 200.' })
  @Bounded('Nozzles', { min: 1, max: 200 })
  nozzleCount?: number
  @ValidateIf(only('boom')) @Bounded('Spacing', { min: 0.1, max: 3, unit: 'm' }) spacingM?: number
  @ValidateIf(only('boom'))
  @Bounded('Pressure', { min: 0.3, max: 20, unit: 'bar' })
  pressureBar?: number
  @ValidateIf(only('boom'))
  @Bounded('Speed', { min: 0.3, max: 40, unit: 'km/h' })
  speedKmPerH?: number
  @ValidateIf(only('injector')) @Bounded('Ratio', { min: 2, max: 2000 }) ratio?: number
}

/** A rate that was measured with water. */
export class CalibrationDto {
  @IsPastDay('Measured on') measuredOn!: string
  @Bounded('Rate measured', { min: 1e-4, max: 100, unit: 'L/m²' }) rateLPerM2!: number
  @Named('How it was measured', 300) how!: string
}

export class CreateSprayerDto {
  @IsNewId() id!: string
  @Named('Name') name!: string
  @IsObject({ message: 'Set-up: give kind and measures.' })
  @ValidateNested()
  @Type(() => SprayerSetupDto)
  setup!: SprayerSetupDto
}

/** What is changed of a sprayer; what is left out stays. A new set-up wants a new calibration. */
export class ChangeSprayerDto {
  @IsOptional() @Named('Name') name?: string
  @IsOptional()
  @IsObject({ message: 'Set-up: give kind and measures.' })
  @ValidateNested()
  @Type(() => SprayerSetupDto)
  setup?: SprayerSetupDto
  @IsOptional()
  @IsObject({ message: 'Calibration: give day, rate and how.' })
  @ValidateNested()
  @Type(() => CalibrationDto)
  calibration?: CalibrationDto
  @IsOptional() @IsBoolean({ message: 'Retired: give yes or no.' }) isRetired?: boolean
}

export class SprayerDto extends Recorded {
  @IsUUID() id!: string
  @IsUUID() placeId!: string
  @IsString() name!: string
  @ValidateNested() @Type(() => SprayerSetupDto) setup!: SprayerSetupDto
  @IsOptional() @ValidateNested() @Type(() => CalibrationDto) calibration!: CalibrationDto | null
  @IsBoolean() isRetired!: boolean
  @IsOptional() @IsString() changedBy!: string | null
}

/** The set-up as the core takes it; only after validation, which guarantees its measures. */
export function toSetup(dto: SprayerSetupDto): SprayerSetup {
  const { kind, tankL } = dto
  if (kind === 'injector') return { kind, tankL, ratio: dto.ratio ?? 0 }
  if (kind !== 'boom') return { kind, tankL }
  const { nozzleKind = 'flat-fan', nozzleSize = '', nozzleCount = 0 } = dto
  const { spacingM = 0, pressureBar = 0, speedKmPerH = 0 } = dto
  return { kind, tankL, nozzleKind, nozzleSize, nozzleCount, spacingM, pressureBar, speedKmPerH }
}
