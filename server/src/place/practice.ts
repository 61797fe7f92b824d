import type { PracticeDevice } from '@spudder/contract/place'
import type { Connection } from '../database/connect.ts'
import { ServiceError } from '../problem/service-error.ts'
import { findPlace } from './place.service.ts'

/**
 * Lets a stand-in be used where it was switched on.
 * @throws {ServiceError} practice-off
 */
export async function requirePractice(
  connection: Connection,
  placeId: string,
  device: PracticeDevice,
): Promise<void> {
  const { settings } = await findPlace(connection, placeId)
  if (settings.practice?.includes(device)) return
  throw new ServiceError('practice-off', 'Switch it on in Settings, under Practice devices.')
}
