import { IsIn, IsUUID } from 'class-validator'
import { storyEventKinds, type StoryEventKind } from '@spudder/core/verdict/diagnosis'
import { readingKinds } from '@spudder/core/seen/reading'
import { Bounded, NeededIf, IsNewId, IsPastDay, Note, mendable } from '../validation/index.ts'

const isCorrection = (event: CreateStoryEventDto) => event.kind === 'pH-corrected'

export class StoryEventForm {
  @IsIn(storyEventKinds, { message: 'What happened: choose one of the list.' })
  kind!: StoryEventKind
  @IsPastDay('When') happenedOn!: string
  @NeededIf(isCorrection) @Bounded('pH before', readingKinds.pH) fromPH?: number
  @NeededIf(isCorrection) @Bounded('pH after', readingKinds.pH) toPH?: number
  @Note() note?: string
}

export class CreateStoryEventDto extends StoryEventForm {
  @IsNewId() id!: string
}

export class StoryEventDto extends mendable(StoryEventForm, ['note']) {
  @IsUUID() id!: string
  @IsUUID() standId!: string
}
