import {
  CreateImportDto,
  CreateLaboratoryOrderDto,
  ImportDto,
  LaboratoryOrderDto,
  LaboratoryResultDto,
  type LaboratoryService,
} from '@spudder/contract/laboratory'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { importResults } from './import.service.ts'
import { findOrders, orderTests, readResults } from './order.service.ts'

export const laboratoryRoutes = (db: Database, laboratory: LaboratoryService): AnyRoute[] => [
  route({
    method: 'post',
    path: '/places/:placeId/laboratory-imports',
    summary: 'Stores the results of a laboratory file as readings, all or none',
    body: CreateImportDto,
    limit: '8mb',
    answer: ImportDto,
    handle: ({ params, body, recorder }) =>
      importResults(db, recorder, params['placeId'] ?? '', body),
  }),
  route({
    method: 'post',
    path: '/stands/:standId/laboratory-orders',
    summary: 'Sends samples of a stand to the laboratory',
    body: CreateLaboratoryOrderDto,
    answer: LaboratoryOrderDto,
    handle: ({ params, body, recorder }) =>
      orderTests(db, laboratory, recorder, { standId: params['standId'] ?? '', dto: body }),
  }),
  route({
    method: 'get',
    path: '/stands/:standId/laboratory-orders',
    summary: 'The laboratory orders of a stand',
    answer: LaboratoryOrderDto,
    isList: true,
    handle: ({ params, recorder }) => findOrders(db, recorder, params['standId'] ?? ''),
  }),
  route({
    method: 'get',
    path: '/laboratory-orders/:orderId/results',
    summary: 'The file of results, once the laboratory is done',
    answer: LaboratoryResultDto,
    handle: ({ params, recorder }) =>
      readResults(db, laboratory, recorder, params['orderId'] ?? ''),
  }),
]
