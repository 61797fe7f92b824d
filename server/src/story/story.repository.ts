import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { storyEvent } from '../database/schema.ts'

export type StoryEventRow = typeof storyEvent.$inferSelect

export const insertStoryEvent = (connection: Connection, row: StoryEventRow) =>
  insertOnce(connection, storyEvent, row)
