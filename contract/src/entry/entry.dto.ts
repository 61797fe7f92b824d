import { IsIn, IsNumber, IsOptional, IsUUID } from 'class-validator'
import { sourceIds, type SourceId } from '@spudder/core/source'
import { routes, type Route } from '@spudder/core/plant'
import { Bounded, IsDay, IsNewId, IsPastDay, Named, Note, Recorded } from '../validation/index.ts'

const productBounds = { min: 0, max: 1e6, unit: 'kg' }
const waterBounds = { min: 0, max: 1e8, unit: 'L' }

/** What was really done for a job. */
export class CreateEntryDto {
  @IsNewId() id!: string
  @IsPastDay('Done on') happenedOn!: string
  @Bounded('Product used', productBounds) productKg!: number
  @Bounded('Water used', waterBounds) waterL!: number
  @Note() note?: string
}

/** Puts an entry right by a new one that names it; the old one stays. */
export class CorrectEntryDto extends CreateEntryDto {
  @Named('Why it is corrected', 500) reason!: string
}

export class EntryDto extends Recorded {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  /** Null for a step of an acid plan. */
  @IsOptional() @IsUUID() caseId!: string | null
  @IsUUID() jobId!: string
  @IsDay('Done on') happenedOn!: string
  @IsIn(routes) route!: Route
  @IsIn(sourceIds) sourceId!: SourceId
  @IsNumber() plannedProductKg!: number
  @IsNumber() productKg!: number
  @IsNumber() waterL!: number
  @Note() note!: string
  /** The entry that this one corrects. */
  @IsOptional() @IsUUID() correctsId!: string | null
  @Note() reason!: string
}
