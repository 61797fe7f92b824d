import type { CreatePlaceDto, PlaceDto } from '@spudder/contract/place'
import type { CreateStandDto, EstatePageDto, StandDto } from '@spudder/contract/stand'
import type {
  OutlookDto,
  StationFileDto,
  StationImportDto,
  WeatherDto,
} from '@spudder/contract/weather'
import { dateToDay } from '@spudder/core/base/calendar'
import { defineQuery, useMutation, useQuery } from '@pinia/colada'
import { computed } from 'vue'
import { useReadAnew } from './read-anew.ts'
import { request } from './request.ts'

/** The place at work: the first one, until there are more to choose from. */
export const usePlace = defineQuery(() => {
  const query = useQuery({ key: ['places'], query: () => request<PlaceDto[]>('GET', '/places') })
  const place = computed(() => query.data.value?.[0])
  return { ...query, place }
})

export function useCreatePlace() {
  const onSettled = useReadAnew('places')
  return useMutation({
    mutation: (dto: CreatePlaceDto) => request<PlaceDto>('POST', '/places', dto),
    onSettled,
  })
}

export const fetchEstatePage = (placeId: string, offset: number, limit: number, from: string) =>
  request<EstatePageDto>(
    'GET',
    `/places/${placeId}/estate?offset=${offset}&limit=${limit}&from=${from}`,
  )

export function useWeather(
  placeId: () => string | undefined,
  from: () => string,
  to: () => string,
) {
  return useQuery({
    key: () => ['weather', placeId() ?? '', from(), to()],
    enabled: () => placeId() !== undefined,
    query: () =>
      request<WeatherDto>('GET', `/places/${placeId()}/weather?from=${from()}&to=${to()}`),
    placeholderData: (previous: WeatherDto | undefined) => previous,
  })
}

/** What each day promises for each kind of work. */
export function useWorkOutlook(
  placeId: () => string | undefined,
  from: () => string,
  to: () => string,
) {
  return useQuery({
    key: () => ['weather', 'outlook', placeId() ?? '', from(), to()],
    enabled: () => placeId() !== undefined,
    query: () =>
      request<OutlookDto>('GET', `/places/${placeId()}/weather/outlook?from=${from()}&to=${to()}`),
    placeholderData: (previous: OutlookDto | undefined) => previous,
  })
}

/** Takes in a file of a weather station. */
export function useStationFile() {
  const onSettled = useReadAnew('weather')
  return useMutation({
    mutation: ({ placeId, dto }: { placeId: string; dto: StationFileDto }) =>
      request<StationImportDto>('POST', `/places/${placeId}/weather/station`, dto),
    onSettled,
  })
}

export function useCreateStand() {
  const onSettled = useReadAnew('estate')
  return useMutation({
    mutation: ({ placeId, dto }: { placeId: string; dto: CreateStandDto }) =>
      request<StandDto>('POST', `/places/${placeId}/stands`, dto),
    onSettled,
  })
}

/** Ids and names of the stands of a place, as many as a page of the estate holds. */
export function useEstateNames(placeId: () => string | undefined) {
  return useQuery({
    key: () => ['estate-names', placeId() ?? ''],
    enabled: () => placeId() !== undefined,
    query: async () => {
      const { rows } = await fetchEstatePage(placeId() ?? '', 0, 100, dateToDay(new Date()))
      return rows.map(({ stand }) => ({ id: stand.id, name: stand.name }))
    },
  })
}
