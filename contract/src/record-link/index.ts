export {
  CreateRecordLinkDto,
  RecordLinkDto,
  recordLinkDays,
  RecordLinkMadeDto,
  SharedRecordDto,
  SharedRecordQueryDto,
} from './record-link.dto.ts'
export { recordLinkRoutes } from './record-link.routes.ts'
