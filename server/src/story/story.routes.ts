import { storyRoutes } from '@spudder/contract/story'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { createStoryEvent } from './story.service.ts'

export const serveStory = (db: Database) =>
  serve(storyRoutes, {
    tell: ({ params, body, recorder }) => createStoryEvent(db, recorder, params.standId, body),
  })
