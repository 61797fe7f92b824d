import { IsObject, IsUUID } from 'class-validator'
import type { Findings, Paint } from '@spudder/core/seen/finding'
import { IsNewId, IsPastDay, Note, mendable } from '../validation/index.ts'

export class LookForm {
  @IsPastDay('Looked on') lookedOn!: string
  /** Value by finding; checked against the vocabulary of the stand's context. */
  @IsObject({ message: 'Findings: give the value of each finding by its name.' })
  findings!: Record<string, string>
  /** What was painted, by leaf of the figure. */
  @IsObject({ message: 'Paint: give severity and pattern by leaf.' }) paint!: Paint
  @Note() note?: string
}

export class CreateLookDto extends LookForm {
  @IsNewId() id!: string
}

export class LookDto extends mendable(LookForm, ['note']) {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsUUID() caseId!: string
  @IsObject() override findings!: Findings
}
