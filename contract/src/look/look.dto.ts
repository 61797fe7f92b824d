import { IsObject, IsUUID } from 'class-validator'
import type { Findings, Paint } from '@spudder/core/seen/finding'
import { IsDay, IsNewId, IsPastDay, Note, Recorded } from '../validation/index.ts'

export class CreateLookDto {
  @IsNewId() id!: string
  @IsPastDay('Looked on') lookedOn!: string
  /** Value by finding; checked against the vocabulary of the stand's context. */
  @IsObject({ message: 'Findings: give the value of each finding by its name.' })
  findings!: Record<string, string>
  /** What was painted, by leaf of the figure. */
  @IsObject({ message: 'Paint: give severity and pattern by leaf.' }) paint!: Paint
  @Note() note?: string
}

export class LookDto extends Recorded {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsUUID() caseId!: string
  @IsDay('Looked on') lookedOn!: string
  @IsObject() findings!: Findings
  @IsObject() paint!: Paint
  @Note() note!: string
}
