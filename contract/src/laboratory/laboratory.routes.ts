import { creates, json, list, ofStand, one, reads, tableMostMB } from '../route/index.ts'
import {
  CreateImportDto,
  CreateLaboratoryOrderDto,
  ImportDto,
  LaboratoryOrderDto,
  LaboratoryResultDto,
} from './laboratory.dto.ts'

export const laboratoryRoutes = {
  importResults: creates({
    path: '/places/:placeId/laboratory-imports',
    summary: 'Stores the results of a laboratory file as readings, all or none',
    access: 'plan',
    sends: json(CreateImportDto, tableMostMB),
    answers: one(ImportDto),
    // The place remembers how the file of this laboratory is read.
    touches: [...ofStand, 'places'],
  }),
  order: creates({
    path: '/stands/:standId/laboratory-orders',
    summary: 'Sends samples of a stand to the laboratory',
    access: 'look',
    sends: json(CreateLaboratoryOrderDto),
    answers: one(LaboratoryOrderDto),
    touches: ['laboratory-orders'],
  }),
  orders: reads({
    path: '/stands/:standId/laboratory-orders',
    summary: 'The laboratory orders of a stand',
    access: 'see',
    answers: list(LaboratoryOrderDto),
    topic: 'laboratory-orders',
  }),
  results: reads({
    path: '/laboratory-orders/:orderId/results',
    summary: 'The file of results, once the laboratory is done',
    access: 'see',
    answers: one(LaboratoryResultDto),
    topic: undefined,
  }),
}
