import { IsArray, IsIn, IsNumber, IsObject, IsOptional, IsString, IsUUID } from 'class-validator'
import { aimIds, type AimId } from '@spudder/core/choice'
import { sourceIds, type SourceId } from '@spudder/core/source'
import { routes, type Route } from '@spudder/core/plant'
import { Bounded, IsDay, IsNewId, Named, Note, Recorded } from '../validation/index.ts'

export class CreateRemedyDto {
  @IsNewId() id!: string
  /** The cause it is meant for: usually the first of the verdict, but the grower's choice. */
  @Named('Cause') causeId!: string
  @IsIn(routes, { message: 'Route: choose leaf, soil or solution.' }) route!: Route
  @IsIn(sourceIds, { message: 'Source: choose one of the list.' }) sourceId!: SourceId
  @Named('Rate') rateId!: string
  @Bounded('Rate', { min: 1e-6, max: 1e5 }) rateValue!: number
  @IsOptional() @Bounded('Water', { min: 1e-6, max: 1e5 }) carrierValue?: number
  @IsOptional() @Bounded('Tank', { min: 0.1, max: 1e5, unit: 'L' }) tankL?: number
  /** What it is bought for; absent where the choice had no aims. */
  @IsOptional() @IsIn(aimIds, { message: 'Aim: choose one of the list.' }) aim?: AimId
  /** The product of the shelf; absent where a form of the catalogue was chosen. */
  @IsOptional() @IsUUID('all', { message: 'Product: choose one of the shelf.' }) productId?: string
  /** Of the nutrient that it is a source of. */
  @Bounded('Content of the product', { min: 0.001, max: 0.8 }) contentShare!: number
  @IsOptional()
  @Bounded('Iron present', { min: 0, max: 1000, unit: 'mg/L' })
  presentIronMgPerL?: number
  @IsDay('Apply on') applyOn!: string
  /** The lasting fix, in the grower's words. */
  @Note() lasting?: string
  @IsOptional() @IsDay('Test again on') retestOn?: string
}

/** A cause of the verdict, or two joined by a plus, as it stood when the remedy was chosen. */
export interface FrozenCause {
  readonly causeId: string
  readonly probability: number
}

export class RemedyDto extends Recorded {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsUUID() caseId!: string
  @IsString() causeId!: string
  @IsArray() verdict!: FrozenCause[]
  @IsIn(routes) route!: Route
  @IsIn(sourceIds) sourceId!: SourceId
  @IsString() rateId!: string
  @IsNumber() rateValue!: number
  @IsOptional() @IsNumber() carrierValue!: number | null
  @IsOptional() @IsNumber() tankL!: number | null
  @IsOptional() @IsIn(aimIds) aim!: AimId | null
  @IsOptional() @IsUUID() productId!: string | null
  @IsNumber() contentShare!: number
  @IsDay('Apply on') applyOn!: string
  @IsNumber() productKg!: number
  @IsNumber() nutrientKg!: number
  @IsNumber() carrierL!: number
  @IsObject() derivation!: object
  @IsString() lasting!: string
}
