import type { CreateTrialDto, RatePlotsDto, TrialDto } from '@spudder/contract/trial'
import type { ChangeZoneDto, CreateZoneDto, ZoneDto } from '@spudder/contract/zone'
import { useMutation, useQuery } from '@pinia/colada'
import { useReadAnew } from './read-anew.ts'
import { request } from './request.ts'

interface For<Dto> {
  readonly id: string
  readonly dto: Dto
}

/** The trials of a stand with their ratings. */
export function useTrials(standId: () => string) {
  return useQuery({
    key: () => ['trials', standId()],
    query: () => request<TrialDto[]>('GET', `/stands/${standId()}/trials`),
  })
}

export const useLayOutTrial = () =>
  useMutation({
    mutation: ({ id, dto }: For<CreateTrialDto>) =>
      request<TrialDto>('POST', `/stands/${id}/trials`, dto),
    onSettled: useReadAnew('trials'),
  })

export const useRatePlots = () =>
  useMutation({
    mutation: ({ id, dto }: For<RatePlotsDto>) =>
      request<TrialDto>('POST', `/trials/${id}/ratings`, dto),
    onSettled: useReadAnew('trials'),
  })

/** The zones of a stand. */
export function useZones(standId: () => string) {
  return useQuery({
    key: () => ['zones', standId()],
    query: () => request<ZoneDto[]>('GET', `/stands/${standId()}/zones`),
  })
}

export const useKeepZone = () =>
  useMutation({
    mutation: ({ id, dto }: For<CreateZoneDto>) =>
      request<ZoneDto>('POST', `/stands/${id}/zones`, dto),
    onSettled: useReadAnew('zones'),
  })

export const useChangeZone = () =>
  useMutation({
    mutation: ({ id, dto }: For<ChangeZoneDto>) => request<ZoneDto>('PATCH', `/zones/${id}`, dto),
    onSettled: useReadAnew('zones'),
  })
