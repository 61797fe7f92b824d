import { dateToDay } from '@spudder/core/base/calendar'
import type { Connection } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { insertMembership, lockOwners, selectMembership } from './membership.repository.ts'

/** What somebody is at a place today; nothing for who is nobody of the installation. */
export const roleAt = async (connection: Connection, { personId }: Recorder, placeId: string) =>
  personId === null
    ? undefined
    : (await selectMembership(connection, personId, placeId, dateToDay(new Date())))?.role

/**
 * Makes whoever stored a place its owner; to be called in the transaction that stores it.
 * @param isNew whether it was not there before
 * @throws {ServiceError} conflict where it is somebody else's already
 */
export async function ownPlace(
  connection: Connection,
  recorder: Recorder,
  placeId: string,
  isNew: boolean,
): Promise<void> {
  const { personId } = recorder
  if (personId === null || (await roleAt(connection, recorder, placeId)) !== undefined) return
  // Two who send the same id at once: the one who came later finds the owner that the first became.
  if (!isNew || (await lockOwners(connection, placeId)).length > 0)
    throw new ServiceError('conflict', 'Something else was stored under this id. Store it again.')
  const row = { personId, placeId, role: 'owner', untilDay: null } as const
  await insertMembership(connection, { ...row, ...recordedBy(recorder) })
}

/** @throws {ServiceError} not-found for a place that a change takes in and that is not one's own */
export async function requireOwner(
  connection: Connection,
  recorder: Recorder,
  placeId: string,
): Promise<void> {
  if ((await roleAt(connection, recorder, placeId)) !== 'owner')
    throw new ServiceError('not-found', 'There is no such place of yours.')
}
