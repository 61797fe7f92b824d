import { IsISO8601, IsOptional, IsString } from 'class-validator'

/** Who stored a row and when; part of every answer. */
export class Recorded {
  @IsString() createdBy!: string
  @IsISO8601() createdAt!: string
}

/** Who changed it last and when; null before anybody did. */
export class Changeable extends Recorded {
  @IsOptional() @IsString() changedBy!: string | null
  @IsOptional() @IsISO8601() changedAt!: string | null
}
