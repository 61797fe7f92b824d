import webPush from 'web-push'
import { doneAgain } from '../database/database-fault.ts'
import type { Database } from '../database/connect.ts'
import { keepPushKeys, selectPushKeys, type PushKeys } from './push.repository.ts'

/**
 * The keys that devices are told things by (VAPID, RFC 8292): made when they are first asked for, and the same
 * for every server of the installation from then on.
 */
export async function pushKeysOf(db: Database): Promise<PushKeys> {
  const known = await selectPushKeys(db)
  return known ?? doneAgain(() => keepPushKeys(db, webPush.generateVAPIDKeys()))
}
