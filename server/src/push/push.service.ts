import type { PushStateDto, SubscribeDto } from '@spudder/contract/push'
import { randomUUID } from 'node:crypto'
import { fingerprintOf } from '../access/secret.ts'
import type { Visit } from '../access/visitor.ts'
import type { Database } from '../database/connect.ts'
import { requireVisitor } from '../person/signed-in.ts'
import { ServiceError } from '../problem/service-error.ts'
import {
  deleteSubscription,
  putSubscription,
  selectSubscriptions,
  type SubscriptionRow,
} from './push.repository.ts'
import type { Pusher } from './pusher.ts'

/** What devices are told things on. */
export interface PushStage {
  readonly db: Database
  /** Undefined where the operator has none told. */
  readonly pusher: Pusher | undefined
}

/** So many devices of one person are told; more is no crew, but somebody filling the table. */
const mostDevices = 20

export async function findPush({ db, pusher }: PushStage, visit: Visit): Promise<PushStateDto> {
  const { person } = requireVisitor(visit)
  const rows = await selectSubscriptions(db, new Date(), person.id)
  return {
    publicKey: pusher?.publicKey ?? null,
    devices: rows.map(({ id, device, endpoint, kinds }) => ({ id, device, endpoint, kinds })),
  }
}

/**
 * Tells a device things from now on, or other things than before.
 * @throws {ServiceError} not-found where none are told, not-allowed for one too many, invalid-body for a service
 * that this server must not call
 */
export async function subscribe(
  stage: PushStage,
  visit: Visit,
  { endpoint, p256dh, auth, kinds }: SubscribeDto,
): Promise<PushStateDto> {
  const { db, pusher } = stage
  const { person, sessionId } = requireVisitor(visit)
  if (!pusher) throw new ServiceError('not-found', 'Nothing is pushed from here: whoever runs Spudder has to set SPUDDER_PUSH_CONTACT first.') // prettier-ignore
  if (!pusher.mayCall(endpoint)) throw new ServiceError('invalid-body', 'This browser is told things by a service that is not in the public network; use another browser.') // prettier-ignore
  const at = new Date()
  const known = await selectSubscriptions(db, at, person.id)
  const mark = fingerprintOf(endpoint)
  if (known.length >= mostDevices && !known.some((each) => each.mark === mark))
    throw new ServiceError('not-allowed', `${mostDevices} devices of yours are told already: take one off first.`) // prettier-ignore
  const row: SubscriptionRow = {
    id: randomUUID(),
    personId: person.id,
    sessionId,
    device: visit.from.device,
    endpoint,
    mark,
    p256dh,
    auth,
    kinds: [...new Set(kinds)],
    createdAt: at,
  }
  await putSubscription(db, row)
  return findPush(stage, visit)
}

/** @throws {ServiceError} not-found for a device that is not one's own */
export async function unsubscribe(
  stage: PushStage,
  visit: Visit,
  id: string,
): Promise<PushStateDto> {
  const { person } = requireVisitor(visit)
  if (!(await deleteSubscription(stage.db, person.id, id)))
    throw new ServiceError('not-found', 'That device is told nothing already.')
  return findPush(stage, visit)
}
