import { IsIn, IsOptional, IsString, IsUUID } from 'class-validator'
import { IsDay, IsPastDay, Note, Recorded } from '../validation/index.ts'

export const caseOutcomes = ['green', 'given-up'] as const
export type CaseOutcome = (typeof caseOutcomes)[number]

export class CloseCaseDto {
  @IsIn(caseOutcomes, { message: 'Outcome: choose green or given up.' }) outcome!: CaseOutcome
  @IsPastDay('Closed on') closedOn!: string
  @Note() note?: string
}

/** One episode of chlorosis, open until it is green or given up. */
export class CaseDto extends Recorded {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsDay('Opened on') openedOn!: string
  @IsOptional() @IsDay('Closed on') closedOn!: string | null
  @IsOptional() @IsIn(caseOutcomes) outcome!: CaseOutcome | null
  @IsString() outcomeNote!: string
}
