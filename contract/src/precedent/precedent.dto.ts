import { Type } from 'class-transformer'
import { IsArray, IsIn, IsNumber, IsString, IsUUID, ValidateNested } from 'class-validator'
import { contextNames, type Context } from '@spudder/core/stand/plant'
import { caseOutcomes, type CaseOutcome } from '../case/index.ts'
import { IsDay } from '../validation/index.ts'

class CauseChanceDto {
  @IsString() causeId!: string
  @IsNumber() probability!: number
}

export class PastTreatmentDto {
  @IsString() appliedName!: string
  @IsDay('Applied on') happenedOn!: string
}

/** A case of the place that is closed: what was thought, what was done, how it went. */
export class PastCaseDto {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsString() standName!: string
  @IsIn(contextNames) context!: Context
  @IsString() plantId!: string
  @IsDay('Opened on') openedOn!: string
  @IsDay('Closed on') closedOn!: string
  @IsIn(caseOutcomes) outcome!: CaseOutcome
  @IsString() note!: string
  /** As the remedy froze it; where none was chosen, as its last look says. */
  @IsArray() @ValidateNested({ each: true }) @Type(() => CauseChanceDto) verdict!: CauseChanceDto[]
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => PastTreatmentDto)
  treatments!: PastTreatmentDto[]
}
