import { CreateStoryEventDto, StoryEventDto } from '@spudder/contract/story'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { createStoryEvent } from './story.service.ts'

export const storyRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'post',
    path: '/stands/:standId/events',
    summary: 'Tells something that happened to a stand',
    body: CreateStoryEventDto,
    answer: StoryEventDto,
    handle: ({ params, body, recorder }) =>
      createStoryEvent(db, recorder, params['standId'] ?? '', body),
  }),
]
