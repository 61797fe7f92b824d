import { IsIn, IsOptional, IsUUID, ValidateIf } from 'class-validator'
import { storyEventKinds, type StoryEventKind } from '@spudder/core/verdict/diagnosis'
import { readingKinds } from '@spudder/core/seen/reading'
import { Bounded, IsDay, IsNewId, IsPastDay, Note, Recorded } from '../validation/index.ts'

const isCorrection = (event: CreateStoryEventDto) => event.kind === 'pH-corrected'

export class CreateStoryEventDto {
  @IsNewId() id!: string
  @IsIn(storyEventKinds, { message: 'What happened: choose one of the list.' })
  kind!: StoryEventKind
  @IsPastDay('When') happenedOn!: string
  @ValidateIf(isCorrection) @Bounded('pH before', readingKinds.pH) fromPH?: number
  @ValidateIf(isCorrection) @Bounded('pH after', readingKinds.pH) toPH?: number
  @Note() note?: string
}

export class StoryEventDto extends Recorded {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsIn(storyEventKinds) kind!: StoryEventKind
  @IsDay('When') happenedOn!: string
  @IsOptional() fromPH!: number | null
  @IsOptional() toPH!: number | null
  @Note() note!: string
}
