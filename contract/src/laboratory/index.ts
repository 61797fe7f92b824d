export {
  CreateImportDto,
  CreateLaboratoryOrderDto,
  ImportDto,
  LaboratoryMapDto,
  LaboratoryOrderDto,
  laboratoryPacketNames,
  laboratoryPackets,
  LaboratoryResultDto,
} from './laboratory.dto.ts'
export type { LaboratoryPacket } from './laboratory.dto.ts'
export type { LaboratoryService, SampleOrder } from './laboratory-service.ts'
export { laboratoryRoutes } from './laboratory.routes.ts'
