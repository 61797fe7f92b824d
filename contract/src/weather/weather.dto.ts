import { Type } from 'class-transformer'
import { IsArray, IsBoolean, IsNumber, IsString, ValidateNested } from 'class-validator'
import type { Climate } from '../place/index.ts'
import { IsDay } from '../validation/index.ts'

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

export interface WeatherQuestion {
  readonly climate: Climate
  /** What the weather of a place is drawn from: its id. */
  readonly placeId: string
  readonly from: string
  readonly to: string
  readonly today: string
}

/** What a weather service has to answer; the stand-in and a real driver look alike. */
export interface WeatherService {
  weather(question: WeatherQuestion): Promise<WeatherDto>
}
