import { IsIn, IsNumber, IsOptional, IsString, IsUUID } from 'class-validator'
import { sourceIds, type SourceId } from '@spudder/core/source'
import { jobKinds, type JobKind } from '@spudder/core/plan'
import { routes, type Route } from '@spudder/core/plant'
import { IsDay, IsNewId, Named, Recorded } from '../validation/index.ts'

const jobStatuses = ['planned', 'done', 'dropped'] as const
export type JobStatus = (typeof jobStatuses)[number]

/** Moves a job to another day, or drops it. */
export class ChangeJobDto {
  @IsOptional() @IsDay('Day') dueOn?: string
  @IsOptional()
  @IsIn(['dropped'], { message: 'Status: a job can be dropped; it is done by recording it.' })
  status?: 'dropped'
}

/** Plans a check of the verdict for the day on which its answer is due. */
export class PlanCheckDto {
  @IsNewId() id!: string
  @Named('Check', 40) checkId!: string
  @IsDay('Day') dueOn!: string
}

export class JobDto extends Recorded {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  /** Null for a step or retest of an acid plan, which outlives cases. */
  @IsOptional() @IsUUID() caseId!: string | null
  /** The remedy that brought it; null for a check or a step. */
  @IsOptional() @IsUUID() remedyId!: string | null
  /** The acid plan that brought it; null for everything else. */
  @IsOptional() @IsUUID() acidPlanId!: string | null
  /** Product that a step of an acid plan puts out [kg]; null for everything else. */
  @IsOptional() @IsNumber() plannedKg!: number | null
  /** What is to be found out; null for every other kind. */
  @IsOptional() @IsString() checkId!: string | null
  @IsIn(jobKinds) kind!: JobKind
  @IsString() title!: string
  @IsDay('Due on') dueOn!: string
  @IsIn(jobStatuses) status!: JobStatus
  /** Share of the remedy's amount that goes out with this job. */
  @IsNumber() share!: number
  @IsOptional() @IsIn(routes) route!: Route | null
  @IsOptional() @IsIn(sourceIds) sourceId!: SourceId | null
}
