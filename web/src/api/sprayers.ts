import type { CreateJarTestDto, JarTestDto } from '@spudder/contract/jar-test'
import type { ChangeSprayerDto, CreateSprayerDto, SprayerDto } from '@spudder/contract/sprayer'
import { useMutation, useQuery } from '@pinia/colada'
import { useReadAnew } from './read-anew.ts'
import { request } from './request.ts'

/** Sprayers of a place, retired ones too. */
export function useSprayers(placeId: () => string | undefined) {
  return useQuery({
    key: () => ['sprayers', placeId() ?? ''],
    enabled: () => placeId() !== undefined,
    query: () => request<SprayerDto[]>('GET', `/places/${placeId()}/sprayers`),
  })
}

interface For<Dto> {
  readonly id: string
  readonly dto: Dto
}

export const useCreateSprayer = () =>
  useMutation({
    mutation: ({ id, dto }: For<CreateSprayerDto>) =>
      request<SprayerDto>('POST', `/places/${id}/sprayers`, dto),
    onSettled: useReadAnew('sprayers'),
  })

export const useChangeSprayer = () =>
  useMutation({
    mutation: ({ id, dto }: For<ChangeSprayerDto>) =>
      request<SprayerDto>('PATCH', `/sprayers/${id}`, dto),
    onSettled: useReadAnew('sprayers'),
  })

/** Jar tests of a place, oldest first. */
export function useJarTests(placeId: () => string | undefined) {
  return useQuery({
    key: () => ['jar-tests', placeId() ?? ''],
    enabled: () => placeId() !== undefined,
    query: () => request<JarTestDto[]>('GET', `/places/${placeId()}/jar-tests`),
  })
}

export const useRecordJarTest = () =>
  useMutation({
    mutation: ({ id, dto }: For<CreateJarTestDto>) =>
      request<JarTestDto>('POST', `/places/${id}/jar-tests`, dto),
    onSettled: useReadAnew('jar-tests'),
  })
