import { IsIn, IsUUID } from 'class-validator'
import { jarOutcomeNames, partnerKinds, type JarOutcome } from '@spudder/core/apply/mix'
import { sourceIds, type SourceId } from '@spudder/core/material/source'
import { IsNewId, IsPastDay, Named, Note, mendable } from '../validation/index.ts'

export const partnerKindIds = partnerKinds.map(({ id }) => id)

/** What was seen when iron and a partner stood in a jar together. */
export class JarTestForm {
  @IsIn(sourceIds, { message: 'Source: choose one of the list.' }) sourceId!: SourceId
  @IsIn(partnerKindIds, { message: 'Partner: choose a kind of the list.' }) kindId!: string
  @Named('Name of the partner') partnerName!: string
  @IsPastDay('Tested on') testedOn!: string
  @IsIn(jarOutcomeNames, { message: 'Outcome: choose what was seen.' }) outcome!: JarOutcome
  @Note() note?: string
}

export class CreateJarTestDto extends JarTestForm {
  @IsNewId() id!: string
}

export class JarTestDto extends mendable(JarTestForm, ['note']) {
  @IsUUID() id!: string
  @IsUUID() placeId!: string
}
