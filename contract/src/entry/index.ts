export {
  CorrectEntryDto,
  CreateEntryDto,
  EntryDto,
  EntryQueryDto,
  EntryWeatherDto,
  RecordLineDto,
  RecordPageDto,
} from './entry.dto.ts'
export { entryRoutes } from './entry.routes.ts'
