import { IsIn, IsNumber, IsOptional, IsString, IsUUID } from 'class-validator'
import { ironSourceIds, type IronSourceId } from '@spudder/core/choice'
import { jobKinds, type JobKind } from '@spudder/core/plan'
import { routes, type Route } from '@spudder/core/plant'
import { IsDay, Recorded } from '../validation/index.ts'

const jobStatuses = ['planned', 'done', 'dropped'] as const
export type JobStatus = (typeof jobStatuses)[number]

/** Moves a job to another day, or drops it. */
export class ChangeJobDto {
  @IsOptional() @IsDay('Day') dueOn?: string
  @IsOptional()
  @IsIn(['dropped'], { message: 'Status: a job can be dropped; it is done by recording it.' })
  status?: 'dropped'
}

export class JobDto extends Recorded {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsUUID() caseId!: string
  @IsUUID() remedyId!: string
  @IsIn(jobKinds) kind!: JobKind
  @IsString() title!: string
  @IsDay('Due on') dueOn!: string
  @IsIn(jobStatuses) status!: JobStatus
  /** Share of the remedy's amount that goes out with this job. */
  @IsNumber() share!: number
  @IsIn(routes) route!: Route
  @IsIn(ironSourceIds) sourceId!: IronSourceId
}
