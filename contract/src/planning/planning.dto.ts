import { Type } from 'class-transformer'
import { IsArray, ValidateNested } from 'class-validator'
import { AcidPlanDto } from '../acid-plan/index.ts'
import { EntryDto } from '../entry/index.ts'
import { JobDto } from '../job/index.ts'
import { ReadingDto } from '../reading/index.ts'
import { RemedyDto } from '../remedy/index.ts'
import { StandDto } from '../stand/index.ts'

/** Everything of a place that its dates rest on. */
export class PlanningDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => StandDto) stands!: StandDto[]
  /** Planned, and those that planned ones follow. */
  @IsArray() @ValidateNested({ each: true }) @Type(() => JobDto) jobs!: JobDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => RemedyDto) remedies!: RemedyDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => AcidPlanDto) acidPlans!: AcidPlanDto[]
  /** Since the start of the season, and of the jobs above. */
  @IsArray() @ValidateNested({ each: true }) @Type(() => EntryDto) entries!: EntryDto[]
  /** The newest colour of each stand. */
  @IsArray() @ValidateNested({ each: true }) @Type(() => ReadingDto) colours!: ReadingDto[]
}
