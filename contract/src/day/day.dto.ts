import { Type } from 'class-transformer'
import {
  IsArray,
  IsBoolean,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  ValidateNested,
} from 'class-validator'
import { JobDto } from '../job/index.ts'
import { IsDay } from '../validation/index.ts'

export class DayQueryDto {
  @IsDay('day') day!: string
}

/** A job as whoever does it sees it. */
export class DayJobDto {
  @ValidateNested() @Type(() => JobDto) job!: JobDto
  @IsString() standName!: string
  /** How long it takes, by what is usual [h]. */
  @IsNumber() hours!: number
  /** Hours of the day that are fit for it; null where the weather has no say, or nobody knows it. */
  @IsOptional() @IsInt({ each: true }) fitHours!: number[] | null
  /** What stands against it where no hour is fit. */
  @IsArray() @IsString({ each: true }) against!: string[]
  /** When it can begin, in the order of the day [h]; null for what has no place in it. */
  @IsOptional() @IsNumber() startH!: number | null
  /** Whether no fit hour is left for it there. */
  @IsBoolean() missesWindow!: boolean
  /** The way from the one before [m]; null where one of them is not on the map. */
  @IsOptional() @IsNumber() wayM!: number | null
  /** What has to be done before it and is not; null where nothing is. */
  @IsOptional() @IsString() waitsFor!: string | null
  /** What goes out, by its name; null where nothing does. */
  @IsOptional() @IsString() productName!: string | null
  @IsNumber() productKg!: number
  @IsNumber() waterL!: number
  @IsOptional() @IsString() sprayerName!: string | null
}

/** A product that is taken along for a day. */
export class DayLoadDto {
  @IsOptional() @IsUUID() productId!: string | null
  @IsString() name!: string
  @IsNumber() kg!: number
  /** On the shelf [kg]; null where nobody counted. */
  @IsOptional() @IsNumber() stockKg!: number | null
  @IsString() lot!: string
}

/** A day at a place, for whoever asks. */
export class DayDto {
  @IsDay('day') day!: string
  /** Whether the weather of the day was made up by the practice device. */
  @IsBoolean() isWeatherMadeUp!: boolean
  /** What whoever asks does, and what nobody is named for, in the order of the day. */
  @ValidateNested({ each: true }) @Type(() => DayJobDto) mine!: DayJobDto[]
  /** The same, of days gone by. */
  @ValidateNested({ each: true }) @Type(() => DayJobDto) overdue!: DayJobDto[]
  /** What others are named for, due by the day. */
  @ValidateNested({ each: true }) @Type(() => DayJobDto) others!: DayJobDto[]
  /** Done on the day, by anybody. */
  @ValidateNested({ each: true }) @Type(() => DayJobDto) done!: DayJobDto[]
  /** Of the day after, what is one’s own or nobody’s. */
  @ValidateNested({ each: true }) @Type(() => DayJobDto) tomorrow!: DayJobDto[]
  /** What to take along for one’s own of today. */
  @ValidateNested({ each: true }) @Type(() => DayLoadDto) load!: DayLoadDto[]
}
