export { CorrectEntryDto, CreateEntryDto, EntryDto } from './entry.dto.ts'
