import { laboratoryRoutes } from '@spudder/contract/laboratory'
import { type LaboratoryService } from '@spudder/contract/laboratory'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { importResults } from './import.service.ts'
import { findOrders, orderTests, readResults } from './order.service.ts'

export const serveLaboratory = (db: Database, laboratory: LaboratoryService) =>
  serve(laboratoryRoutes, {
    importResults: ({ params, body, recorder }) =>
      importResults(db, recorder, params.placeId, body),
    order: ({ params, body, recorder }) =>
      orderTests(db, laboratory, recorder, { standId: params.standId, dto: body }),
    orders: ({ params, recorder }) => findOrders(db, recorder, params.standId),
    results: ({ params, recorder }) => readResults(db, laboratory, recorder, params.orderId),
  })
