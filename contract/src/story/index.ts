export { CreateStoryEventDto, StoryEventDto } from './story-event.dto.ts'
export { storyRoutes } from './story.routes.ts'
