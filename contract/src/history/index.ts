export {
  HistoryLineDto,
  HistoryPageDto,
  HistoryQueryDto,
  MendDto,
  MendedDto,
  TakeBackDto,
  TakeBackFileDto,
  TakenBackDto,
  ThingDto,
  fileKinds,
  mendableKinds,
} from './history.dto.ts'
export type { FileKind, MendableKind } from './history.dto.ts'
export { historyRoutes } from './history.routes.ts'
