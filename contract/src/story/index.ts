export { CreateStoryEventDto, StoryEventDto } from './story-event.dto.ts'
