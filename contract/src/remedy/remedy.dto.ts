import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  ValidateNested,
} from 'class-validator'
import { aimIds, type AimId } from '@spudder/core/material/choice'
import { sourceIds, type SourceId } from '@spudder/core/material/source'
import { routes, type Route } from '@spudder/core/stand/plant'
import { acids } from '@spudder/core/soil/water'
import { partnerKindIds } from '../jar-test/index.ts'
import { Bounded, IsDay, IsNewId, Named, Note, recorded } from '../validation/index.ts'

/** Something else that goes into the tank, by its own label. */
export class TankPartnerDto {
  @IsIn(partnerKindIds, { message: 'Partner: choose a kind of the list.' }) kindId!: string
  @Named('Name of the partner') name!: string
  @IsString({ message: 'Dose of the partner: give it as text.' })
  @Length(0, 80, { message: 'Dose of the partner: at most 80 characters.' })
  dose!: string
  /** Kept out of the tank and put out by itself, since it must be watered in and the iron must not. */
  @IsOptional()
  @IsBoolean({ message: 'Partner: say whether it goes out by itself.' })
  isApart?: boolean
}

/** Water of a test, brought down with an acid before it is used. */
export class ConditioningDto {
  @Bounded('Alkalinity', { min: 0, max: 1500, unit: 'mg/L CaCO3' }) alkalinityMgPerLCaCO3!: number
  @Bounded('pH of the water', { min: 4, max: 10 }) pH!: number
  @Bounded('pH wanted', { min: 4, max: 9 }) targetPH!: number
  @IsIn(acids.map(({ id }) => id), { message: 'Acid: choose one of the list.' })
  acidId!: string
}

/** What was chosen, as it is kept. */
class RemedyForm {
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
  /** Of a level spoon that somebody weighed; what the form usually weighs is known here. */
  @IsOptional()
  @Bounded('Weighed spoon', { min: 0.05, max: 5, unit: 'kg/L' })
  weighedKgPerL?: number
  @IsOptional() @IsUUID('all', { message: 'Sprayer: choose one of the place.' }) sprayerId?: string
  @IsOptional()
  @IsArray({ message: 'Partners: give a list.' })
  @ArrayMaxSize(6, { message: 'Partners: at most six in one tank.' })
  @ValidateNested({ each: true })
  @Type(() => TankPartnerDto)
  partners?: TankPartnerDto[]
  /** Where a partner must be watered in and the loss of iron was accepted. */
  @IsOptional()
  @Bounded('Hours before watering in', { min: 0.5, max: 24, unit: 'h' })
  waterInAfterH?: number
  @IsOptional()
  @IsObject({ message: 'Water: give its test and the acid.' })
  @ValidateNested()
  @Type(() => ConditioningDto)
  conditioning?: ConditioningDto
  /** Days over which a dose to a solution is shared. */
  @IsOptional()
  @IsInt({ message: 'Days of dosing: give a whole number from 1 to 14.' })
  @Bounded('Days of dosing', { min: 1, max: 14 })
  doseDays?: number
  /** Why it goes over what practice goes to; kept with the job. */
  @IsOptional()
  @IsString({ message: 'Why more than usual: give it as text.' })
  @Length(1, 500, { message: 'Why more than usual: at most 500 characters.' })
  why?: string
  @IsDay('Apply on') applyOn!: string
  /** The lasting fix, in the grower's words. */
  @Note() lasting?: string
}

/** A remedy with the jobs that it brings. */
export class CreateRemedyDto extends RemedyForm {
  @IsNewId() id!: string
  /** Already there; the amount is what is wanted beside it. */
  @IsOptional()
  @Bounded('Iron present', { min: 0, max: 1000, unit: 'mg/L' })
  presentIronMgPerL?: number
  @IsOptional() @IsDay('Test again on') retestOn?: string
  /** How often it is done again, at the interval of its rate. */
  @IsOptional()
  @IsInt({ message: 'Repeats: give a whole number from 0 to 12.' })
  @Bounded('Repeats', { min: 0, max: 12 })
  repeats?: number
  /** Whether a strip is left untreated, to compare with. */
  @IsOptional()
  @IsBoolean({ message: 'Strip: say whether one is left untreated.' })
  hasStrip?: boolean
}

/** A cause of the verdict, or two joined by a plus, as it stood when the remedy was chosen. */
export interface FrozenCause {
  readonly causeId: string
  readonly probability: number
}

export class RemedyDto extends recorded(RemedyForm, ['lasting']) {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsUUID() caseId!: string
  @IsArray() verdict!: FrozenCause[]
  /** What is applied, by its one name. */
  @IsString() appliedName!: string
  /** What the amounts were calculated by: weighed, by the product, or usual for the form. */
  @IsOptional() @IsNumber() densityKgPerL!: number | null
  @IsNumber() productKg!: number
  @IsNumber() nutrientKg!: number
  @IsNumber() carrierL!: number
  @IsObject() derivation!: object
}
