import type { AcidPlanDto, CreateAcidPlanDto } from '@spudder/contract/acid-plan'
import type { CaseDto, CloseCaseDto } from '@spudder/contract/case'
import type { CorrectEntryDto, EntryDto } from '@spudder/contract/entry'
import type { ChangeJobDto, JobDto, PlanCheckDto } from '@spudder/contract/job'
import type { CreateLookDto, LookDto } from '@spudder/contract/look'
import type { CreateReadingDto, ReadingDto } from '@spudder/contract/reading'
import type { CreateRemedyDto, RemedyDto } from '@spudder/contract/remedy'
import type { PhotoDto, PhotoMeasureDto } from '@spudder/contract/photo'
import type { ChangeStandDto, StandDto, StandStoryDto } from '@spudder/contract/stand'
import type { CreateStoryEventDto, StoryEventDto } from '@spudder/contract/story'
import { useMutation, useQuery } from '@pinia/colada'
import { sendRecord } from '../offline/send-record.ts'
import { useReadAnew } from './read-anew.ts'
import { request } from './request.ts'

/** A stand with its whole story. */
export function useStory(standId: () => string) {
  return useQuery({
    key: () => ['story', standId()],
    query: () => request<StandStoryDto>('GET', `/stands/${standId()}`),
  })
}

/** A request that changes a stand; its story and the estate are read anew afterwards. */
function useStandChange<Input, Answer>(mutation: (input: Input) => Promise<Answer>) {
  return useMutation({ mutation, onSettled: useReadAnew('story', 'estate', 'planning', 'record') })
}

interface For<Dto> {
  readonly id: string
  readonly dto: Dto
}

export const useChangeStand = () =>
  useStandChange(({ id, dto }: For<ChangeStandDto>) =>
    request<StandDto>('PATCH', `/stands/${id}`, dto),
  )

export const useStoreReading = () =>
  useStandChange(({ id, dto }: For<CreateReadingDto>) =>
    request<ReadingDto>('POST', `/stands/${id}/readings`, dto),
  )

export const useTellEvent = () =>
  useStandChange(({ id, dto }: For<CreateStoryEventDto>) =>
    request<StoryEventDto>('POST', `/stands/${id}/events`, dto),
  )

export const useStoreLook = () =>
  useStandChange(({ id, dto }: For<CreateLookDto>) =>
    request<LookDto>('POST', `/stands/${id}/looks`, dto),
  )

export const useChooseRemedy = () =>
  useStandChange(({ id, dto }: For<CreateRemedyDto>) =>
    request<RemedyDto>('POST', `/cases/${id}/remedies`, dto),
  )

export const usePlanAcid = () =>
  useStandChange(({ id, dto }: For<CreateAcidPlanDto>) =>
    request<AcidPlanDto>('POST', `/stands/${id}/acid-plans`, dto),
  )

export const useCloseCase = () =>
  useStandChange(({ id, dto }: For<CloseCaseDto>) => request<CaseDto>('PATCH', `/cases/${id}`, dto))

export const useChangeJob = () =>
  useStandChange(({ id, dto }: For<ChangeJobDto>) => request<JobDto>('PATCH', `/jobs/${id}`, dto))

export const usePlanCheck = () =>
  useStandChange(({ id, dto }: For<PlanCheckDto>) =>
    request<JobDto>('POST', `/cases/${id}/checks`, dto),
  )

/** Records a piece of work with its photos. */
export const useRecordEntry = () => useStandChange(sendRecord)

export const useCorrectEntry = () =>
  useStandChange(({ id, dto }: For<CorrectEntryDto>) =>
    request<EntryDto>('POST', `/entries/${id}/corrections`, dto),
  )

export const useKeepPhoto = () =>
  useStandChange(({ id, photoId, file }: { id: string; photoId: string; file: File }) =>
    request<PhotoDto>(
      'POST',
      `/stands/${id}/photos?id=${photoId}&fileName=${encodeURIComponent(file.name.slice(-150))}`,
      file,
    ),
  )

export const useMeasurePhoto = () =>
  useStandChange(({ id, dto }: For<PhotoMeasureDto>) =>
    request<PhotoDto>('POST', `/photos/${id}/measure`, dto),
  )

/** Where the bytes of a photo are. */
export const photoAddress = (id: string): string => `/api/photos/${id}`

/** The bytes of a photo; undefined where they cannot be had now. */
export async function photoBytes(id: string): Promise<Blob | undefined> {
  try {
    const answer = await fetch(photoAddress(id))
    return answer.ok ? await answer.blob() : undefined
  } catch {
    return undefined
  }
}
