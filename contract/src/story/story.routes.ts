import { creates, json, ofStand, one } from '../route/index.ts'
import { CreateStoryEventDto, StoryEventDto } from './story-event.dto.ts'

export const storyRoutes = {
  tell: creates({
    path: '/stands/:standId/events',
    summary: 'Tells something that happened to a stand',
    access: 'plan',
    sends: json(CreateStoryEventDto),
    answers: one(StoryEventDto),
    touches: ofStand,
  }),
}
