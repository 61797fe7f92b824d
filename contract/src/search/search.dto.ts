import { IsIn, IsOptional, IsString, IsUUID, Length } from 'class-validator'

/** What can be found by its name. */
const foundKinds = ['stand', 'product', 'sprayer', 'trial'] as const
export type FoundKind = (typeof foundKinds)[number]

/** What is looked for, as it was typed so far. */
export class SearchQueryDto {
  @IsString()
  @Length(1, 80, { message: 'Search: give up to 80 letters.' })
  text!: string
}

/** A thing of a place by its name. */
export class FoundDto {
  @IsIn(foundKinds) kind!: FoundKind
  @IsUUID() id!: string
  @IsString() name!: string
  /** The stand that it belongs to, or is. */
  @IsOptional() @IsUUID() standId!: string | null
  @IsString() standName!: string
}
