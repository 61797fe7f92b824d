import type { PlanCheckDto, BeAtJobDto, TakeJobDto } from '@spudder/contract/job'
import type { CreateLookDto } from '@spudder/contract/look'
import type { PhotoQueryDto } from '@spudder/contract/photo'
import type { CreateReadingDto } from '@spudder/contract/reading'
import type { CreateStoryEventDto } from '@spudder/contract/story'
import type { TickDto } from '@spudder/contract/tick'
import type { RatePlotsDto } from '@spudder/contract/trial'
import type { ChangeZoneDto, CreateZoneDto } from '@spudder/contract/zone'
import { typedNumber } from '@spudder/core/base/writing'
import { readingKinds } from '@spudder/core/seen/reading'
import { checks, storyEvents } from '@spudder/core/verdict/diagnosis'
import { dayWords } from '../shared/units/today.ts'
import type { Known } from './known.ts'
import type { KeptAsked } from './outgoing.ts'
import type { OutdoorName } from './outdoor-routes.ts'

type Tell = (asked: KeptAsked, known: Known) => string

const dto = <Dto>({ dto: given }: KeptAsked): Dto => given as Dto
const idIn = (asked: KeptAsked, name: string): string => String(asked[name])
const jobTitle = (asked: KeptAsked, known: Known) => known.job(idIn(asked, 'jobId'))?.title ?? 'a job' // prettier-ignore
const zoneName = (asked: KeptAsked, known: Known) => known.zone(idIn(asked, 'zoneId'))?.name ?? 'a zone' // prettier-ignore

/** What a change is, in words. */
const tellers: Readonly<Record<OutdoorName, Tell>> = {
  look: (asked) => `Look of ${dayWords(dto<CreateLookDto>(asked).lookedOn)}`,
  reading: (asked) => {
    const { kind, value, takenOn } = dto<CreateReadingDto>(asked)
    const { label, unit } = readingKinds[kind]
    return `${label}: ${`${typedNumber(value)} ${unit}`.trim()}, ${dayWords(takenOn)}`
  },
  event: (asked) => {
    const { kind, happenedOn } = dto<CreateStoryEventDto>(asked)
    return `${storyEvents[kind].words}, ${dayWords(happenedOn)}`
  },
  photo: ({ query }) => `Photo ${(query as PhotoQueryDto).fileName}`,
  'photo-measure': (asked, known) =>
    `What photo ${known.photo(idIn(asked, 'photoId'))?.fileName ?? ''} shows`.replace('  ', ' '),
  entry: (asked, known) => `Record: ${jobTitle(asked, known)}`,
  rating: (asked, known) => {
    const { length } = dto<RatePlotsDto>(asked).ratings
    const name = known.trial(idIn(asked, 'trialId'))?.name ?? 'a trial'
    return `${length} ${length === 1 ? 'rating' : 'ratings'} of ${name}`
  },
  zone: (asked) => `Zone ${dto<CreateZoneDto>(asked).name}`,
  'zone-change': (asked, known) => {
    const { isTakenAway, score } = dto<ChangeZoneDto>(asked)
    const name = zoneName(asked, known)
    if (isTakenAway) return `${name} taken away`
    return typeof score !== 'number' ? `${name} changed` : `${name}: score ${typedNumber(score)}`
  },
  'job-taken': (asked, known) =>
    `${dto<TakeJobDto>(asked).isMine ? 'You do' : 'Left to others'}: ${jobTitle(asked, known)}`,
  'job-under-way': (asked, known) =>
    `${dto<BeAtJobDto>(asked).since === null ? 'Not at it any more' : 'Started'}: ${jobTitle(asked, known)}`,
  'job-done': (asked, known) => `Done: ${jobTitle(asked, known)}`,
  check: (asked) => {
    const { checkId, dueOn } = dto<PlanCheckDto>(asked)
    const name = checks.find(({ id }) => id === checkId)?.name ?? 'Check'
    return `${name}, planned for ${dayWords(dueOn)}`
  },
  tick: (asked, known) => {
    const { part, number, isTicked } = dto<TickDto>(asked)
    const line = part === 'fill' ? `Fill ${number}` : `Step ${number + 1}`
    return `${line} ${isTicked ? 'ticked off' : 'not ticked off'}: ${jobTitle(asked, known)}`
  },
}

export const wordsOf = (name: OutdoorName, asked: KeptAsked, known: Known): string =>
  tellers[name](asked, known)
