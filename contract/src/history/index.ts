export {
  HistoryLineDto,
  HistoryPageDto,
  HistoryQueryDto,
  MendDto,
  MendedDto,
  TakeBackDto,
  TakenBackDto,
  ThingDto,
  mendableKinds,
} from './history.dto.ts'
export type { MendableKind } from './history.dto.ts'
export { historyRoutes } from './history.routes.ts'
