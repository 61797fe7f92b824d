import type { Pushed } from '@spudder/contract/push'
import type { Agent } from 'node:https'
import type { Logger } from 'pino'
import webPush, { WebPushError } from 'web-push'
import type { PushKeys } from './push.repository.ts'
import { publicAgent, mayBePublic } from './public-only.ts'

/** Where a device is reached. */
export interface PushAddress {
  readonly endpoint: string
  readonly p256dh: string
  readonly auth: string
}

/** What became of something pushed: taken on, the device is gone for good, refused for good, or nobody answered. */
export type PushOutcome = 'taken' | 'gone' | 'refused' | 'away'

/** Gives what devices are told to the services of their browsers, sealed so that those cannot read it. */
export interface Pusher {
  readonly publicKey: string
  /** Whether a service is one that this server may call. */
  readonly mayCall: (endpoint: string) => boolean
  readonly send: (to: PushAddress, pushed: Pushed) => Promise<PushOutcome>
  readonly close: () => void
}

/** Whoever takes longer is taken to be away [ms]. */
const patienceMs = 10_000
/** A device that is off for longer is not told: it is another day then [s]. */
const heldSeconds = 12 * 3600
/** No more fits surely into one message: services take 4096 byte, sealed [characters]. */
const mostWords = 1000

const outcomeOf = (status: number): PushOutcome => {
  if (status === 404 || status === 410) return 'gone'
  return status === 429 || status >= 500 ? 'away' : 'refused'
}

/**
 * A pusher by Web Push (RFC 8030, 8291, 8292).
 * @param contact whom a push service writes to when something goes wrong: an https or mailto address
 * @param agent how it connects; to the public network alone unless another is given
 */
export function openPusher(
  { publicKey, privateKey }: PushKeys,
  contact: string,
  logger: Logger,
  agent?: Agent,
): Pusher {
  const ways = agent ?? publicAgent()
  const vapidDetails = { subject: contact, publicKey, privateKey }
  const mayCall = (endpoint: string) =>
    agent !== undefined || mayBePublic(new URL(endpoint).hostname)
  async function send(
    { endpoint, p256dh, auth }: PushAddress,
    { title, words, path }: Pushed,
  ): Promise<PushOutcome> {
    if (!mayCall(endpoint)) return 'refused'
    const pushed: Pushed = { title, words: words.slice(0, mostWords), path }
    try {
      await webPush.sendNotification({ endpoint, keys: { p256dh, auth } }, JSON.stringify(pushed), {
        vapidDetails,
        agent: ways,
        timeout: patienceMs,
        TTL: heldSeconds,
      })
      return 'taken'
    } catch (error) {
      const outcome = error instanceof WebPushError ? outcomeOf(error.statusCode) : 'away'
      // No address of a device and no word of what it was told: the log is read by others.
      const { code, statusCode } = error as { readonly code?: string; readonly statusCode?: number }
      if (outcome !== 'gone') logger.warn({ code, statusCode }, 'a push service did not take it')
      return outcome
    }
  }
  return { publicKey, mayCall, send, close: () => ways.destroy() }
}
