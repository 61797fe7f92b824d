import type {
  CreateLaboratoryOrderDto,
  LaboratoryOrderDto,
  LaboratoryResultDto,
  LaboratoryService,
  SampleOrder,
} from '@spudder/contract/laboratory'
import { dateToDay } from '@spudder/core/base/calendar'
import type { Connection } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../recorder/recorder.ts'
import { requirePractice } from '../place/practice.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import type { StandRow } from '../stand/stand.repository.ts'
import { requireStand } from '../stand/stand.service.ts'
import { insertOrder, listOrders, selectOrder, type OrderRow } from './laboratory.repository.ts'

type Sent = Pick<OrderRow, 'id' | 'orderedOn' | 'packets' | 'places'>

const sampleOrder = (stand: StandRow, { id, orderedOn, packets, places }: Sent): SampleOrder => ({
  id,
  standId: stand.id,
  standName: stand.name,
  context: stand.context,
  orderedOn,
  packets,
  places,
})

const orderDto = (row: OrderRow, { at }: Recorder): LaboratoryOrderDto => ({
  ...toDto(row),
  isReady: row.readyOn <= dateToDay(at),
})

/**
 * Sends samples to the laboratory, which says when they are back.
 * @throws {ServiceError} practice-off: the laboratory that ships with this is simulated
 */
export async function orderTests(
  connection: Connection,
  laboratory: LaboratoryService,
  recorder: Recorder,
  { standId, dto }: { readonly standId: string; readonly dto: CreateLaboratoryOrderDto },
): Promise<LaboratoryOrderDto> {
  const stand = await requireStand(connection, standId)
  await requirePractice(connection, stand.placeId, 'laboratory')
  const { id, orderedOn, packets, places } = dto
  const row = {
    id,
    standId,
    laboratory: laboratory.name,
    orderedOn,
    readyOn: laboratory.readyOn(sampleOrder(stand, dto)),
    packets,
    places,
    ...recordedBy(recorder),
  }
  return orderDto(await insertOrder(connection, row), recorder)
}

/** The orders of a stand. */
export async function findOrders(
  connection: Connection,
  recorder: Recorder,
  standId: string,
): Promise<LaboratoryOrderDto[]> {
  await requireStand(connection, standId)
  return (await listOrders(connection, standId)).map((row) => orderDto(row, recorder))
}

/**
 * The file that came back for an order.
 * @throws {ServiceError} not-found, practice-off, conflict while the laboratory is still at it
 */
export async function readResults(
  connection: Connection,
  laboratory: LaboratoryService,
  recorder: Recorder,
  orderId: string,
): Promise<LaboratoryResultDto> {
  const row = await selectOrder(connection, orderId)
  if (!row) throw new ServiceError('not-found', 'There is no such order.')
  if (row.readyOn > dateToDay(recorder.at)) {
    throw new ServiceError('conflict', `The laboratory has said ${row.readyOn}; wait until then.`)
  }
  const stand = await requireStand(connection, row.standId)
  await requirePractice(connection, stand.placeId, 'laboratory')
  return {
    fileName: `results-${row.orderedOn}.csv`,
    csv: laboratory.results(sampleOrder(stand, row)),
  }
}
