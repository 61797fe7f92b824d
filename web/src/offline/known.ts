import type { DayDto } from '@spudder/contract/day'
import type { JobDto } from '@spudder/contract/job'
import { personRoutes, type MeDto } from '@spudder/contract/person'
import type { StandStoryDto } from '@spudder/contract/stand'
import type { TrialDto } from '@spudder/contract/trial'
import type { ZoneDto } from '@spudder/contract/zone'
import type { Topic } from '@spudder/contract/route'
import type { useQueryCache } from '@pinia/colada'
import { keyOf } from '../api/call.ts'

type Cache = ReturnType<typeof useQueryCache>

/** What the open page has read already: the only thing that can be asked without signal. */
export function knownBy(cache: Cache) {
  const answers = <Answer>(topic: Topic): Answer[] =>
    cache
      .getEntries({ key: [topic] })
      .map(({ state }) => state.value.data as Answer | undefined)
      .filter((answer) => answer !== undefined)
  const stories = () =>
    answers<object>('story').filter((each): each is StandStoryDto => 'stand' in each)
  const dayJobs = () =>
    answers<object>('planning')
      .filter((each): each is DayDto => 'overdue' in each)
      .flatMap(({ mine, overdue, others, done, tomorrow }) => [
        ...mine,
        ...overdue,
        ...others,
        ...done,
        ...tomorrow,
      ])
  return {
    me: () => cache.getQueryData<MeDto>(keyOf(personRoutes.me, {})),
    standName: (standId: string): string | undefined =>
      stories().find(({ stand }) => stand.id === standId)?.stand.name ??
      dayJobs().find(({ job }) => job.standId === standId)?.standName,
    job: (jobId: string): JobDto | undefined =>
      [...stories().flatMap(({ jobs }) => jobs), ...dayJobs().map(({ job }) => job)].find(
        ({ id }) => id === jobId,
      ),
    photo: (photoId: string) =>
      stories().flatMap(({ photos }) => photos).find(({ id }) => id === photoId), // prettier-ignore
    trial: (trialId: string) => answers<TrialDto[]>('trials').flat().find(({ id }) => id === trialId), // prettier-ignore
    zone: (zoneId: string) => answers<ZoneDto[]>('zones').flat().find(({ id }) => id === zoneId), // prettier-ignore
  }
}
export type Known = ReturnType<typeof knownBy>
