import type {
  CreateImportDto,
  CreateLaboratoryOrderDto,
  ImportDto,
  LaboratoryOrderDto,
  LaboratoryResultDto,
} from '@spudder/contract/laboratory'
import type { MeterReadingDto, MeterSample } from '@spudder/contract/meter'
import type { PlaceDto, PlaceSettingsDto } from '@spudder/contract/place'
import { useMutation, useQuery } from '@pinia/colada'
import { useReadAnew } from './read-anew.ts'
import { request } from './request.ts'

/** What the electrode of the meter gives now. */
export const readMeter = (standId: string, sample: MeterSample): Promise<MeterReadingDto> =>
  request<MeterReadingDto>('GET', `/stands/${standId}/meter?in=${sample}`)

/** The laboratory orders of a stand. */
export function useLaboratoryOrders(standId: () => string) {
  return useQuery({
    key: () => ['laboratory-orders', standId()],
    query: () => request<LaboratoryOrderDto[]>('GET', `/stands/${standId()}/laboratory-orders`),
  })
}

export function useOrderTests() {
  const onSettled = useReadAnew('laboratory-orders')
  return useMutation({
    mutation: ({ id, dto }: { id: string; dto: CreateLaboratoryOrderDto }) =>
      request<LaboratoryOrderDto>('POST', `/stands/${id}/laboratory-orders`, dto),
    onSettled,
  })
}

export const fetchResults = (orderId: string): Promise<LaboratoryResultDto> =>
  request<LaboratoryResultDto>('GET', `/laboratory-orders/${orderId}/results`)

export function useImportResults() {
  const onSettled = useReadAnew('story', 'estate', 'places')
  return useMutation({
    mutation: ({ id, dto }: { id: string; dto: CreateImportDto }) =>
      request<ImportDto>('POST', `/places/${id}/laboratory-imports`, dto),
    onSettled,
  })
}

export function useChangeSettings() {
  const onSettled = useReadAnew('places')
  return useMutation({
    mutation: ({ id, dto }: { id: string; dto: PlaceSettingsDto }) =>
      request<PlaceDto>('PATCH', `/places/${id}/settings`, dto),
    onSettled,
  })
}
