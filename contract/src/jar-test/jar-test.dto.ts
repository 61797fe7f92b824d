import { IsIn, IsOptional, IsString, IsUUID } from 'class-validator'
import { jarOutcomes, partnerKinds, type JarOutcome } from '@spudder/core/apply/mix'
import { sourceIds, type SourceId } from '@spudder/core/material/source'
import { IsDay, IsNewId, IsPastDay, Named, Note, Recorded } from '../validation/index.ts'

const outcomes = Object.keys(jarOutcomes) as JarOutcome[]
export const partnerKindIds = partnerKinds.map(({ id }) => id)

/** What was seen when iron and a partner stood in a jar together. */
export class CreateJarTestDto {
  @IsNewId() id!: string
  @IsIn(sourceIds, { message: 'Source: choose one of the list.' }) sourceId!: SourceId
  @IsIn(partnerKindIds, { message: 'Partner: choose a kind of the list.' }) kindId!: string
  @Named('Name of the partner') partnerName!: string
  @IsPastDay('Tested on') testedOn!: string
  @IsIn(outcomes, { message: 'Outcome: choose what was seen.' }) outcome!: JarOutcome
  @Note() note?: string
}

export class JarTestDto extends Recorded {
  @IsUUID() id!: string
  @IsUUID() placeId!: string
  @IsIn(sourceIds) sourceId!: SourceId
  @IsString() kindId!: string
  @IsString() partnerName!: string
  @IsDay('Tested on') testedOn!: string
  @IsIn(outcomes) outcome!: JarOutcome
  @IsOptional() @IsString() note!: string
}
