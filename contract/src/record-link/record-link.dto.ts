import { Type } from 'class-transformer'
import {
  Equals,
  IsBoolean,
  IsIn,
  IsOptional,
  IsString,
  IsUUID,
  ValidateNested,
} from 'class-validator'
import { unitSystems, type UnitSystem } from '@spudder/core/base/quantity'
import { RecordPageDto } from '../entry/index.ts'
import { Counted, IsDay, IsNewId, Named } from '../validation/index.ts'

/** Days that a link to a record holds. */
export const recordLinkDays = { usual: 30, most: 366 } as const

/** A link by which whoever has it reads a part of the record. */
export class CreateRecordLinkDto {
  @IsNewId() id!: string
  /** Whom it is for, to know it again by. */
  @Named('For') name!: string
  @IsOptional() @IsUUID('all', { message: 'Stand: choose one of the place.' }) standId?: string
  @IsOptional() @IsDay('From') from?: string
  @IsOptional() @IsDay('Until') to?: string
  @Counted('Days that the link holds', { min: 1, max: recordLinkDays.most }) days!: number
}

export class WithdrawRecordLinkDto {
  @Equals(true, { message: 'Withdrawn: say yes.' }) isWithdrawn!: true
}

export class RecordLinkDto {
  @IsUUID() id!: string
  @IsString() name!: string
  @IsOptional() @IsUUID() standId!: string | null
  @IsOptional() @IsString() from!: string | null
  @IsOptional() @IsString() to!: string | null
  @IsString() expiresOn!: string
  /** When it was last opened; null before it was. */
  @IsOptional() @IsString() openedAt!: string | null
  @IsBoolean() isWithdrawn!: boolean
  @IsString() createdBy!: string
  @IsString() createdAt!: string
}

/** A link just made: its secret is told this once, and kept nowhere. */
export class RecordLinkMadeDto extends RecordLinkDto {
  @IsString() token!: string
}

export class SharedRecordQueryDto {
  @Type(() => Number) @Counted('offset', { min: 0, max: 1e7 }) offset = 0
  @Type(() => Number) @Counted('limit', { min: 1, max: 500 }) limit = 50
}

/** What whoever follows a link reads. */
export class SharedRecordDto {
  @IsString() placeName!: string
  @IsIn(unitSystems) unitSystem!: UnitSystem
  /** Null for every stand. */
  @IsOptional() @IsString() standName!: string | null
  @IsOptional() @IsString() from!: string | null
  @IsOptional() @IsString() to!: string | null
  @IsString() sharedBy!: string
  @IsString() expiresOn!: string
  @ValidateNested() @Type(() => RecordPageDto) page!: RecordPageDto
}
