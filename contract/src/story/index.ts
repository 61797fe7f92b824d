export { CreateStoryEventDto, StoryEventDto, StoryEventForm } from './story-event.dto.ts'
export { storyRoutes } from './story.routes.ts'
