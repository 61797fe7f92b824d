import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  ValidateNested,
} from 'class-validator'
import type { FileLine } from '@spudder/core/seen/reading'
import { sourceIds, type SourceId } from '@spudder/core/material/source'
import { routes, type Route } from '@spudder/core/stand/plant'
import { IsClock } from '../job/index.ts'
import { TankPartnerDto } from '../remedy/index.ts'
import {
  Bounded,
  Counted,
  IsDay,
  IsNewId,
  IsPastDay,
  Named,
  Note,
  recorded,
} from '../validation/index.ts'

const productBounds = { min: 0, max: 1e6, unit: 'kg' }
const waterBounds = { min: 0, max: 1e8, unit: 'L' }

/** Weather while the work was done. */
export class EntryWeatherDto {
  /** Who says so: a service, a station's file, or whoever recorded it. */
  @Named('Source of the weather', 80) source!: string
  @IsOptional() @Bounded('Temperature', { min: -60, max: 60, unit: '°C' }) temperatureC?: number
  @IsOptional() @Bounded('Wind', { min: 0, max: 90, unit: 'm/s' }) windMPerS?: number
  @IsOptional() @Bounded('Humidity', { min: 0, max: 100, unit: '%' }) humidityPercent?: number
  /** From the start until six hours after. */
  @IsOptional() @Bounded('Rain after', { min: 0, max: 500, unit: 'mm' }) rainAfterMm?: number
}

/** What was really done for a job. */
/** What was said of a piece of work. */
class EntryForm {
  @IsPastDay('Done on') happenedOn!: string
  @Bounded('Product used', productBounds) productKg!: number
  @Bounded('Water used', waterBounds) waterL!: number
  @IsOptional() @IsClock('Begun at') startedAt?: string
  @IsOptional() @IsClock('Ended at') endedAt?: string
  @Note(80) worker?: string
  @Note(60) lot?: string
  @Note(80) equipment?: string
  @Note(80) waterSource?: string
  /** The licence under which it was done. */
  @Note(40) licence?: string
  @IsOptional()
  @IsArray({ message: 'Partners: give a list.' })
  @ArrayMaxSize(6, { message: 'Partners: at most six in one tank.' })
  @ValidateNested({ each: true })
  @Type(() => TankPartnerDto)
  partners?: TankPartnerDto[]
  @IsOptional()
  @IsObject({ message: 'Weather: give what it was.' })
  @ValidateNested()
  @Type(() => EntryWeatherDto)
  weather?: EntryWeatherDto
  @IsOptional()
  @Bounded('Hours before anybody goes in again', { min: 0, max: 1000, unit: 'h' })
  reEntryH?: number
  @Note() note?: string
}

export class CreateEntryDto extends EntryForm {
  @IsNewId() id!: string
  /** What went out, where it was something else: of the shelf; null where it was a form of the catalogue. */
  @IsOptional()
  @IsUUID('all', { message: 'Product: choose one of the shelf.' })
  productId?: string | null
  @IsOptional() @IsIn(sourceIds, { message: 'Form: choose one of the list.' }) sourceId?: SourceId
}

/** Puts an entry right by a new one that names it; the old one stays. */
export class CorrectEntryDto extends CreateEntryDto {
  /** It did not happen at all: the job is to be done again. */
  @IsOptional() @IsBoolean({ message: 'Struck out: say yes or no.' }) isStruck?: boolean
  @IsOptional() @IsIn(routes, { message: 'Route: choose one of the list.' }) route?: Route
  @Named('Why it is corrected', 500) reason!: string
}

export class EntryDto extends recorded(EntryForm, [
  'worker',
  'lot',
  'equipment',
  'waterSource',
  'licence',
  'note',
]) {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  /** Null for a step of an acid plan. */
  @IsOptional() @IsUUID() caseId!: string | null
  @IsUUID() jobId!: string
  @IsIn(routes) route!: Route
  @IsIn(sourceIds) sourceId!: SourceId
  @IsOptional() @IsUUID() productId!: string | null
  /** What went out, by its one name. */
  @IsString() appliedName!: string
  @IsNumber() plannedProductKg!: number
  /** The entry that this one corrects. */
  @IsOptional() @IsUUID() correctsId!: string | null
  /** Whether it says that the one it corrects did not happen. */
  @IsBoolean() isStruck!: boolean
  /** The line of the file that it came from; null where somebody recorded it. */
  @IsOptional() @IsObject() imported!: FileLine | null
  @Note() reason!: string
}

/** Which entries of a place are looked for. */
export class EntryQueryDto {
  /** Words that all have to stand in it: product, stand, lot, who, note. */
  @Note(120) text?: string
  @IsOptional() @IsDay('from') from?: string
  @IsOptional() @IsDay('to') to?: string
  @IsOptional() @IsUUID('all', { message: 'Stand: choose one of the place.' }) standId?: string
  @Type(() => Number) @Counted('offset', { min: 0, max: 1e7 }) offset = 0
  @Type(() => Number) @Counted('limit', { min: 1, max: 500 }) limit = 50
}

/** An entry as a line of the record of a place. */
export class RecordLineDto {
  @ValidateNested() @Type(() => EntryDto) entry!: EntryDto
  @IsString() standName!: string
  @IsOptional() @IsString() productName!: string | null
  /** Whether a later entry corrects it: it stands no more, and stays. */
  @IsBoolean() isCorrected!: boolean
  @IsOptional() @IsNumber() groundM2!: number | null
}

export class RecordPageDto {
  @IsInt() total!: number
  @IsArray() @ValidateNested({ each: true }) @Type(() => RecordLineDto) lines!: RecordLineDto[]
}
