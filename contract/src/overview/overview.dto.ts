import { Type } from 'class-transformer'
import {
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  ValidateNested,
} from 'class-validator'
import { roles, type Role } from '../access/index.ts'
import { Counted } from '../validation/index.ts'

/** Which of one's places are told: a page of them, the palest first. */
export class OverviewQueryDto {
  @Type(() => Number) @Counted('offset', { min: 0, max: 1e6 }) offset = 0
  @Type(() => Number) @Counted('limit', { min: 1, max: 50 }) limit = 20
}

/** The stand of a place that is palest. */
export class PalestDto {
  @IsUUID() standId!: string
  @IsString() standName!: string
  /** 0 white to 1 deep green. */
  @IsNumber() greenness!: number
  @IsString() seenOn!: string
}

/** A product that does not last for what is planned. */
export class ShortProductDto {
  @IsUUID() productId!: string
  @IsString() name!: string
  /** What is missing for everything planned [kg]. */
  @IsNumber() missingKg!: number
  @IsString() shortOn!: string
}

/** How it stands at a place. */
export class PlaceStateDto {
  @IsInt() stands!: number
  @IsInt() openCases!: number
  @IsOptional() @ValidateNested() @Type(() => PalestDto) palest!: PalestDto | null
  @IsInt() dueToday!: number
  @IsInt() overdue!: number
  /** The next day with work after today; null where none is planned. */
  @IsOptional() @IsString() nextOn!: string | null
  @IsArray() @ValidateNested({ each: true }) @Type(() => ShortProductDto) short!: ShortProductDto[]
}

/** One of one's places. */
export class OverviewRowDto {
  @IsUUID() placeId!: string
  @IsString() name!: string
  @IsIn(roles) role!: Role
  /** Null for who reads the record alone. */
  @IsOptional() @ValidateNested() @Type(() => PlaceStateDto) state!: PlaceStateDto | null
}

export class OverviewPageDto {
  @IsInt() total!: number
  @IsArray() @ValidateNested({ each: true }) @Type(() => OverviewRowDto) rows!: OverviewRowDto[]
}
