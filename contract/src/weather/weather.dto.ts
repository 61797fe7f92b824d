import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  ValidateNested,
} from 'class-validator'
import { dayOrderNames, type DayOrder } from '@spudder/core/base/table'
import {
  hoursOfDay,
  weatherWorks,
  type DayOfHours,
  type WeatherWork,
} from '@spudder/core/days/weather'
import type { Climate } from '../place/index.ts'
import { IsDay, Named } from '../validation/index.ts'

export class WeatherDayDto {
  @IsDay('Day') day!: string
  @IsNumber() minC!: number
  @IsNumber() maxC!: number
  @IsNumber() rainMm!: number
  @IsNumber() windMPerS!: number
  /** Whether it is foretold rather than measured. */
  @IsBoolean() isForecast!: boolean
}

export class WeatherDto {
  /** Who says so; a stand-in names itself as simulated. */
  @IsString() service!: string
  @IsArray() @ValidateNested({ each: true }) @Type(() => WeatherDayDto) days!: WeatherDayDto[]
}

export class WeatherQueryDto {
  @IsDay('from') from!: string
  @IsDay('to') to!: string
}

/** Twenty-four numbers, one an hour of the day by the sun's clock of the place. */
function Hourly() {
  return (target: object, name: string) => {
    IsArray()(target, name)
    ArrayMinSize(hoursOfDay)(target, name)
    ArrayMaxSize(hoursOfDay)(target, name)
    IsNumber({}, { each: true })(target, name)
  }
}

export class DayOfHoursDto implements DayOfHours {
  @IsDay('Day') day!: string
  @IsBoolean() isForecast!: boolean
  @Hourly() temperatureC!: number[]
  @Hourly() rainMm!: number[]
  @Hourly() rainChance!: number[]
  @Hourly() windMPerS!: number[]
  @Hourly() humidityPercent!: number[]
  @Hourly() soilC!: number[]
  @IsNumber() temperatureDoubtK!: number
  @IsNumber() windDoubtMPerS!: number
}

/** What a weather service answers at an address of its own: see docs/weather-address.md. */
export class WeatherAnswerDto {
  @IsIn(['spudder-weather'], { message: 'format: give spudder-weather.' }) format!: string
  @IsIn([1], { message: 'version: give 1.' }) version!: number
  /** Who measured and foretells it; what is made up says simulated. */
  @Named('source', 80) source!: string
  @IsArray({ message: 'days: give a list.' })
  @ArrayMaxSize(1200, { message: 'days: at most 1200.' })
  @ValidateNested({ each: true })
  @Type(() => DayOfHoursDto)
  days!: DayOfHoursDto[]
}

export class WeatherHoursDto {
  @IsString() service!: string
  @IsArray() @ValidateNested({ each: true }) @Type(() => DayOfHoursDto) days!: DayOfHoursDto[]
}

/** What a day promises for a kind of work. */
export class WorkOutlookDto {
  @IsIn(weatherWorks) work!: WeatherWork
  @IsNumber() chance!: number
  @IsNumber() washOff!: number
  /** First hour of the best stretch; null where the hours are not foretold, or none is fit. */
  @IsOptional() @IsInt() fromHour!: number | null
  @IsArray() @IsInt({ each: true }) fitHours!: number[]
  @IsArray() @IsString({ each: true }) against!: string[]
}

const outlookBases = ['measured', 'forecast', 'usual', 'unknown'] as const

export class OutlookDayDto {
  @IsDay('Day') day!: string
  /** Measured, foretold by the hour, as such days usually are, or without any weather known. */
  @IsIn(outlookBases) basis!: (typeof outlookBases)[number]
  /** Mean of the air, for growth [°C]. */
  @IsNumber() meanC!: number
  @IsArray() @ValidateNested({ each: true }) @Type(() => WorkOutlookDto) works!: WorkOutlookDto[]
}

export class OutlookDto {
  @IsString() service!: string
  @IsArray() @ValidateNested({ each: true }) @Type(() => OutlookDayDto) days!: OutlookDayDto[]
}

/** A station's file travels as its text in UTF-8, so that a long one is read away from the others. */
export const stationFileTypes = ['text/csv'] as const

/** What is said of a file of a weather station beside its text. */
export class StationFileDto {
  @Named('File', 160) fileName!: string
  /** In which order its days are written, where the file leaves it open. */
  @IsOptional()
  @IsIn(dayOrderNames, { message: 'Days: say in which order they are written.' })
  dayOrder?: DayOrder
}

export class StationRowErrorDto {
  @IsInt() row!: number
  @IsString() words!: string
}

/** What was taken from a station's file. */
export class StationImportDto {
  @IsInt() dayCount!: number
  @IsOptional() @IsDay('from') from!: string | null
  @IsOptional() @IsDay('to') to!: string | null
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => StationRowErrorDto)
  errors!: StationRowErrorDto[]
  @IsArray() @IsString({ each: true }) assumed!: string[]
}

export interface WeatherQuestion {
  readonly climate: Climate
  /** Of the place [°], south negative; as in the north when nobody said. */
  readonly latitude?: number | undefined
  /** What the weather of a place is drawn from: its id. */
  readonly placeId: string
  readonly from: string
  readonly to: string
  readonly today: string
}

/** What a weather service has to answer; the stand-in and a real driver look alike. */
export interface WeatherService {
  hours(question: WeatherQuestion): Promise<WeatherHoursDto>
}
