import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayNotEmpty,
  IsArray,
  IsBoolean,
  IsIn,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  ValidateNested,
} from 'class-validator'
import type { LabelDraft } from '@spudder/core/material/label'
import { stainNames, type Stain } from '@spudder/core/material/shelf'
import { ironSourceIds, type IronSourceId } from '@spudder/core/material/source'
import {
  Bounded,
  changeable,
  changes,
  IsDay,
  IsNewId,
  IsReadableLabel,
  IsUnit,
  Named,
  Note,
} from '../validation/index.ts'

/** Who may put it out, by its label or local law. */
export const applicators = ['anybody', 'licensed'] as const

/** What is known of its use in organic growing. */
export const organics = ['certified', 'not', 'unknown'] as const

function Short(label: string, longest: number): PropertyDecorator {
  const message = `${label}: at most ${longest} characters.`
  const decorators = [IsOptional(), IsString({ message }), Length(0, longest, { message })]
  return (target, key) => decorators.forEach((decorate) => decorate(target, key))
}

class LabelFigureDto {
  @Bounded('Figure of the label', { min: 1e-6, max: 1e6 }) value!: number
  @IsUnit('Figure of the label') unit!: string
}

function IsLabelFigure(label: string): PropertyDecorator {
  const decorators = [
    IsOptional(),
    IsObject({ message: `${label}: give value and unit.` }),
    ValidateNested(),
    Type(() => LabelFigureDto),
  ]
  return (target, key) => decorators.forEach((decorate) => decorate(target, key))
}

/** A product of the shelf, as its label and its bill say. */
class ProductForm {
  @Named('Name') name!: string
  @IsIn(ironSourceIds, { message: 'Form: choose one of the list.' }) sourceId!: IronSourceId
  /** The label as typed, field by field; its figures must be readable. */
  @IsObject({ message: 'Label: give what it says.' })
  @IsReadableLabel()
  label!: LabelDraft
  @IsOptional() @Bounded('Price of a pack', { min: 0, max: 1e6 }) packPrice?: number
  @IsOptional() @Bounded('Pack', { min: 1e-4, max: 1e6, unit: 'kg' }) packKg?: number
  @IsOptional() @Bounded('Density', { min: 0.05, max: 5, unit: 'kg/L' }) densityKgPerL?: number
  @IsOptional() @Bounded('Stock', { min: 0, max: 1e6, unit: 'kg' }) stockKg?: number
  @Short('Lot', 60) lot?: string
  /** The last day on which the lot ought to be used, where the bag says one. */
  @IsOptional() @IsDay('Use by') lotUseBy?: string
  @IsLabelFigure('Rate on the label') labelRate?: LabelFigureDto
  @IsLabelFigure('Label maximum') labelMaximum?: LabelFigureDto
  @IsIn(stainNames, { message: 'Stain: choose one of the list.' }) stain!: Stain
  @IsIn(organics, { message: 'Organic: choose certified, not or unknown.' })
  organic!: (typeof organics)[number]
  @IsOptional()
  @IsIn(applicators, { message: 'Put out by: choose anybody or licensed.' })
  applicator?: (typeof applicators)[number]
  @Short('Hazards', 500) hazards?: string
  @Note() note?: string
}

/** A product of the shelf as it is put there. */
export class CreateProductDto extends ProductForm {
  @IsNewId() id!: string
}

/** What is changed of a product; what is left out stays, null takes it away. */
export class ChangeProductDto extends changes(ProductForm) {
  /** Taken off the shelf; entries that name it keep it. */
  @IsOptional() @IsBoolean({ message: 'Retired: give yes or no.' }) isRetired?: boolean
}

/** Several products at once, from a file: all of them or none. */
export class ImportProductsDto {
  @IsArray({ message: 'Products: give at least one.' })
  @ArrayNotEmpty({ message: 'Products: give at least one.' })
  @ArrayMaxSize(500, { message: 'Products: at most 500 at once.' })
  @ValidateNested({ each: true })
  @Type(() => CreateProductDto)
  products!: CreateProductDto[]
}

export class ProductDto extends changeable(ProductForm, ['lot', 'hazards', 'note']) {
  @IsUUID() id!: string
  @IsUUID() placeId!: string
  @IsBoolean() isRetired!: boolean
}
