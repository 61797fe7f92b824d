import { isHand, type BeAtJobDto, type HandDto, type JobDto } from '@spudder/contract/job'
import { dateToDay } from '@spudder/core/base/calendar'
import { selectMembership } from '../access/membership.repository.ts'
import { isChangedUnder } from '../change/change.repository.ts'
import type { Connection, Database } from '../database/connect.ts'
import { keepJob, standOfJob, type JobRow } from '../job/job.repository.ts'
import { readJob, requirePlannedJob } from '../job/planned-job.ts'
import { selectPerson } from '../person/person.repository.ts'
import { ServiceError } from '../problem/service-error.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { requireLockedStand } from '../stand/stand.service.ts'

/** Whoever says what they do. */
interface Saying {
  readonly me: { readonly id: string; readonly name: string }
  readonly recorder: Recorder
}

/** Changes who is at a job or to do it, by what stood there; sent again after a lost answer, once. */
async function changeHands(
  db: Database,
  { recorder }: Saying,
  jobId: string,
  change: (before: JobRow) => Partial<JobRow>,
): Promise<JobDto> {
  const standId = await standOfJob(db, jobId)
  return db.transaction(async (transaction) => {
    const stand = standId === undefined ? undefined : await requireLockedStand(transaction, standId)
    if (await isChangedUnder(transaction, jobId, recorder.groupId))
      return readJob(transaction, jobId)
    const before = await requirePlannedJob(transaction, jobId)
    const owner = { placeId: stand?.placeId ?? '', standId: before.standId }
    const told = { ...owner, kind: 'job', recorder } as const
    await keepJob(transaction, { before, change: change(before), told })
    return readJob(transaction, jobId)
  })
}

const without = <Somebody extends HandDto>(list: readonly Somebody[] | null, me: Saying['me']) =>
  (list ?? []).filter((each) => !isHand(each, me))
const orNobody = <Somebody>(list: Somebody[]): Somebody[] | null =>
  list.length === 0 ? null : list

/**
 * Takes a job on, or leaves it to others.
 * @throws {ServiceError} not-found; conflict for a job that is done or dropped
 */
export const takeJob = (
  db: Database,
  saying: Saying,
  { jobId, isMine }: { readonly jobId: string; readonly isMine: boolean },
): Promise<JobDto> => {
  const { id: personId, name } = saying.me
  return changeHands(db, saying, jobId, ({ hands }) => {
    const others = without(hands, saying.me)
    return { hands: orNobody(isMine ? [...others, { personId, name }] : others) }
  })
}

/**
 * Says that one is at a job, since when; or no more.
 * @throws {ServiceError} not-found; conflict for a job that is done or dropped; invalid-body for a moment to come
 */
export function beAtJob(
  db: Database,
  saying: Saying,
  { jobId, since }: BeAtJobDto & { readonly jobId: string },
): Promise<JobDto> {
  const { id: personId, name } = saying.me
  // Clocks of phones go wrong by minutes, not by hours.
  if (since !== null && new Date(since).getTime() > saying.recorder.at.getTime() + 3_600_000)
    throw new ServiceError('invalid-body', 'Since: that moment is still to come. Check the clock of this device.') // prettier-ignore
  return changeHands(db, saying, jobId, ({ underWay }) => {
    const others = without(underWay, saying.me)
    return { underWay: orNobody(since === null ? others : [...others, { personId, name, since }]) }
  })
}

/**
 * The people who are named for a job, by the names they have today.
 * @throws {ServiceError} not-found for who is nobody at the place
 */
export async function handsOf(
  connection: Connection,
  placeId: string,
  hands: readonly HandDto[],
): Promise<HandDto[] | null> {
  const today = dateToDay(new Date())
  const known: HandDto[] = []
  for (const hand of hands) {
    if (hand.personId === null) known.push(hand)
    else {
      const member = await selectMembership(connection, hand.personId, placeId, today)
      const person = member && (await selectPerson(connection, hand.personId))
      if (!person) throw new ServiceError('not-found', 'Who: there is nobody like that here.')
      known.push({ personId: person.id, name: person.name })
    }
  }
  return orNobody(known)
}
