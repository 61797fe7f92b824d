import { IsIn, IsInt, IsOptional, IsString, IsUUID } from 'class-validator'
import { caseEndings, type CaseEnding } from '@spudder/core/outcome/progress'
import { Changeable, IsDay, IsPastDay, Named, Note, Sighted } from '../validation/index.ts'

export type CaseOutcome = CaseEnding
export const caseOutcomes = Object.keys(caseEndings) as readonly CaseOutcome[]

export class CloseCaseDto extends Sighted {
  @IsIn(caseOutcomes, { message: 'Outcome: choose green or given up.' }) outcome!: CaseOutcome
  @IsPastDay('Closed on') closedOn!: string
  @Note() note?: string
}

/** Opens a case again that was closed too early, or by mistake. */
export class ReopenCaseDto {
  /** The state that was seen. */
  @IsOptional() @IsInt({ message: 'Version: give the one that was seen.' }) version?: number
  @Named('Why', 500) reason!: string
}

/** One episode of chlorosis, open until it is green or given up. */
export class CaseDto extends Changeable {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsDay('Opened on') openedOn!: string
  @IsOptional() @IsDay('Closed on') closedOn!: string | null
  @IsOptional() @IsIn(caseOutcomes) outcome!: CaseOutcome | null
  @IsString() outcomeNote!: string
}
