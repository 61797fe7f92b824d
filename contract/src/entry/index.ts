export {
  CorrectEntryDto,
  CreateEntryDto,
  EntryDto,
  EntryQueryDto,
  EntryWeatherDto,
  RecordLineDto,
  RecordPageDto,
} from './entry.dto.ts'
