export { CorrectEntryDto, CreateEntryDto, EntryDto } from './entry.dto.ts'
export { standingEntries } from './standing-entries.ts'
