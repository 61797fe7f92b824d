import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayNotEmpty,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsISO8601,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  ValidateIf,
  ValidateNested,
} from 'class-validator'
import { sourceIds, type SourceId } from '@spudder/core/material/source'
import { jobKinds, jobStatuses, type JobKind, type JobStatus } from '@spudder/core/days/plan'
import { routes, type Route } from '@spudder/core/stand/plant'
import { Bounded, IsDay, IsNewId, Named, Changeable, Sighted } from '../validation/index.ts'

/** An hour of the day by the clock of the place, which no time zone moves. */
export function IsClock(label: string) {
  return Matches(/^([01]\d|2[0-3]):[0-5]\d$/, { message: `${label}: give a time such as 06:30.` })
}

/** Somebody who is to do a job. */
export class HandDto {
  /** Null for somebody who does not sign in here. */
  @IsOptional() @IsUUID('all', { message: 'Who: choose somebody of the place.' }) personId!:
    string | null
  @Named('Who') name!: string
}

/** Somebody who is at a job. */
export class UnderWayDto extends HandDto {
  /** Since when, in universal time. */
  @IsISO8601({ strict: true }, { message: 'Since: give a moment.' }) since!: string
}

/** So many do one job at most. */
const mostHands = 30

/** Takes a job on, or leaves it to others. */
export class TakeJobDto {
  @IsBoolean({ message: 'Mine: say yes or no.' }) isMine!: boolean
}

/** Says that one is at a job, since when; or no more. */
export class BeAtJobDto {
  /** Null for no more. */
  @ValidateIf(({ since }: BeAtJobDto) => since !== null)
  @IsISO8601({ strict: true }, { message: 'Since: give a moment.' })
  since!: string | null
}

/** Changes a job: its day, its hour, whether it is held; drops it, or says that it is done. */
export class ChangeJobDto extends Sighted {
  @IsOptional() @IsDay('Day') dueOn?: string
  /** Null takes the hour away. */
  @ValidateIf(({ startsAt }: ChangeJobDto) => startsAt !== undefined && startsAt !== null)
  @IsClock('Hour')
  startsAt?: string | null
  @IsOptional()
  @IsBoolean({ message: 'Hold: say whether it stays on its day.' })
  isLocked?: boolean
  /** Who is to do it; nobody named: whoever comes to it. */
  @IsOptional()
  @IsArray({ message: 'Who: give a list.' })
  @ArrayMaxSize(mostHands, { message: `Who: at most ${mostHands}.` })
  @ValidateNested({ each: true })
  @Type(() => HandDto)
  hands?: HandDto[]
  @IsOptional()
  @IsIn(['dropped', 'done'], {
    message: 'Status: a job can be dropped; what puts something out is done by recording it.',
  })
  status?: 'dropped' | 'done'
  /** What becomes of the jobs that wait for a dropped one: they are dropped too, or wait no longer. */
  @IsOptional()
  @IsIn(['drop', 'let-go'], { message: 'Followers: drop them, or let them go.' })
  followers?: 'drop' | 'let-go'
}

/** Plans a check of the verdict for the day on which its answer is due. */
export class PlanCheckDto {
  @IsNewId() id!: string
  @Named('Check', 40) checkId!: string
  @IsDay('Day') dueOn!: string
}

/** Plans a practice of an open case, all its rounds at once, each under an id that the sender made. */
export class PlanPracticeDto {
  @IsArray({ message: 'Rounds: give an id for each.' })
  @ArrayNotEmpty({ message: 'Rounds: give an id for each.' })
  @ArrayMaxSize(12, { message: 'Rounds: at most 12.' })
  @IsUUID('all', { each: true, message: 'Rounds: give a UUID made for each.' })
  ids!: string[]
  /** Known to the core; its texts are too much to travel with every page. */
  @Named('Practice', 40) practiceId!: string
  @IsDay('Day') dueOn!: string
}

/** A look at a stand, under an id that the sender made. */
class DueLookDto {
  @IsNewId() id!: string
  @IsUUID('all', { message: 'Stand: choose one of the place.' }) standId!: string
  @IsDay('Look on') dueOn!: string
}

/** Plans a look at several stands, each on its day: all or none. */
export class PlanLooksDto {
  @IsArray({ message: 'Looks: give the stands to look at.' })
  @ArrayNotEmpty({ message: 'Looks: choose at least one stand.' })
  @ArrayMaxSize(500, { message: 'Looks: at most 500 stands at once.' })
  @ValidateNested({ each: true })
  @Type(() => DueLookDto)
  looks!: DueLookDto[]
}

/** Plans to buy a product before the stand that it is short for needs it. */
export class PlanOrderDto {
  @IsNewId() id!: string
  /** The stand that runs short first. */
  @IsUUID('all', { message: 'Stand: choose one of the place.' }) standId!: string
  @IsUUID('all', { message: 'Product: choose one of the shelf.' }) productId!: string
  @Bounded('Amount', { min: 1e-6, max: 1e6, unit: 'kg' }) plannedKg!: number
  @IsDay('Order by') dueOn!: string
}

/** A job on its way to another day; the day on which it was seen tells whether it moved meanwhile. */
export class MoveDto {
  @IsUUID('all', { message: 'Job: give its id.' }) jobId!: string
  @IsDay('Moved from') from!: string
  @IsDay('Moved to') to!: string
}

/** A difference between two plans that was accepted: all of it is stored, or nothing. */
export class AcceptMovesDto {
  @IsArray({ message: 'Moves: give a list.' })
  @ArrayMinSize(1, { message: 'Moves: give at least one.' })
  @ArrayMaxSize(1000, { message: 'Moves: at most 1000 at once.' })
  @ValidateNested({ each: true })
  @Type(() => MoveDto)
  moves!: MoveDto[]
}

export class JobDto extends Changeable {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  /** Null for a step or retest of an acid plan, which outlives cases. */
  @IsOptional() @IsUUID() caseId!: string | null
  /** The remedy that brought it; null for a check or a step. */
  @IsOptional() @IsUUID() remedyId!: string | null
  /** The acid plan that brought it; null for everything else. */
  @IsOptional() @IsUUID() acidPlanId!: string | null
  /** Product that a step of an acid plan puts out, or that is to be bought [kg]; else null. */
  @IsOptional() @IsNumber() plannedKg!: number | null
  /** What is to be bought; null for every other kind. */
  @IsOptional() @IsUUID() productId!: string | null
  /** What is to be found out; null for every other kind. */
  @IsOptional() @IsString() checkId!: string | null
  /** Which practice it is; null for every other kind. */
  @IsOptional() @IsString() practiceId!: string | null
  @IsIn(jobKinds) kind!: JobKind
  /** What it is, with the names of today. */
  @IsString() title!: string
  /** What goes out, by its one name; null where nothing does. */
  @IsOptional() @IsString() appliedName!: string | null
  @IsDay('Due on') dueOn!: string
  @IsOptional() @IsClock('Hour') startsAt!: string | null
  @IsBoolean() isLocked!: boolean
  /** Who is to do it; null where nobody was named. */
  @IsOptional() @ValidateNested({ each: true }) @Type(() => HandDto) hands!: HandDto[] | null
  /** Who is at it now; null where nobody is. */
  @IsOptional()
  @ValidateNested({ each: true })
  @Type(() => UnderWayDto)
  underWay!: UnderWayDto[] | null
  /** The job that has to come before it, and how many days before at least and at most. */
  @IsOptional() @IsUUID() afterJobId!: string | null
  @IsOptional() @IsInt() afterDays!: number | null
  @IsOptional() @IsInt() withinDays!: number | null
  @IsIn(jobStatuses) status!: JobStatus
  /** Share of the remedy's amount that goes out with this job. */
  @IsNumber() share!: number
  @IsOptional() @IsIn(routes) route!: Route | null
  @IsOptional() @IsIn(sourceIds) sourceId!: SourceId | null
}
