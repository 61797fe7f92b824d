import type { AcceptMovesDto, JobDto, PlanOrderDto } from '@spudder/contract/job'
import type { PlanningDto } from '@spudder/contract/planning'
import { useMutation, useQuery } from '@pinia/colada'
import { useReadAnew } from './read-anew.ts'
import { request } from './request.ts'

/** Everything of a place that its dates rest on. */
export function usePlanning(placeId: () => string | undefined) {
  return useQuery({
    key: () => ['planning', placeId() ?? ''],
    enabled: () => placeId() !== undefined,
    query: () => request<PlanningDto>('GET', `/places/${placeId()}/planning`),
  })
}

interface OfPlace<Dto> {
  readonly placeId: string
  readonly dto: Dto
}

/** Stores a difference between two plans: all of it, or nothing. */
export function useAcceptMoves() {
  const onSettled = useReadAnew('planning', 'story', 'estate')
  return useMutation({
    mutation: ({ placeId, dto }: OfPlace<AcceptMovesDto>) =>
      request<JobDto[]>('POST', `/places/${placeId}/moves`, dto),
    onSettled,
  })
}

/** Plans to buy a product before it runs short. */
export function usePlanOrder() {
  const onSettled = useReadAnew('planning', 'story', 'estate')
  return useMutation({
    mutation: ({ placeId, dto }: OfPlace<PlanOrderDto>) =>
      request<JobDto>('POST', `/places/${placeId}/orders`, dto),
    onSettled,
  })
}

/** Where the jobs of a place are served as a calendar. */
export const calendarAddress = (placeId: string): string => `/api/places/${placeId}/calendar.ics`
