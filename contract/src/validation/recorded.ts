import { IsISO8601, IsString } from 'class-validator'

/** Who stored a row and when; part of every answer. */
export class Recorded {
  @IsString() createdBy!: string
  @IsISO8601() createdAt!: string
}
