import { appWorker } from '../../offline/app-worker.ts'

/** Where this browser is told things, as it hands it on. */
export interface BrowserAddress {
  readonly endpoint: string
  readonly p256dh: string
  readonly auth: string
}

/** Why a browser cannot be told things, each with what to do; undefined where it can. */
export function pushHindrance(): string | undefined {
  if (!window.isSecureContext)
    return 'A browser is told things over https alone: open Spudder by its https address.'
  if (!('serviceWorker' in navigator) || !('PushManager' in window))
    return 'This browser is not told things by pages. On an iPhone or iPad, add Spudder to the home screen and open it there; else use another browser.'
  if (Notification.permission === 'denied')
    return 'This browser was told to show no notices of Spudder. Allow them in its settings for this page, then come back.'
  return undefined
}

const registered = (): Promise<ServiceWorkerRegistration | undefined> =>
  'serviceWorker' in navigator
    ? navigator.serviceWorker.getRegistration('/')
    : Promise.resolve(undefined)

const addressOf = (subscription: PushSubscription): BrowserAddress => {
  const { endpoint, keys } = subscription.toJSON()
  return { endpoint: endpoint ?? '', p256dh: keys?.['p256dh'] ?? '', auth: keys?.['auth'] ?? '' }
}

/** Where this browser is told things now; undefined where it is told nothing. */
export async function ownAddress(): Promise<BrowserAddress | undefined> {
  const registration = await registered()
  const subscription = await registration?.pushManager?.getSubscription()
  return subscription ? addressOf(subscription) : undefined
}

/** That a browser could not be told things, with what to do. */
class PushRefused extends Error {}

/**
 * Asks whoever is here whether the browser may show notices, and lets it be told things by a key.
 * @throws {PushRefused} when they or the browser say no, or its service is not reached
 */
export async function subscribeBrowser(publicKey: string): Promise<BrowserAddress> {
  if ((await Notification.requestPermission()) !== 'granted')
    throw new PushRefused('The browser shows no notices until you allow it. Press again, and allow it.') // prettier-ignore
  await appWorker()
  const { pushManager } = await navigator.serviceWorker.ready
  // One that was made for other keys is of no use, and stands in the way.
  await (await pushManager.getSubscription())?.unsubscribe()
  const options = { userVisibleOnly: true, applicationServerKey: publicKey }
  return pushManager.subscribe(options).then(addressOf, () => {
    throw new PushRefused('The browser did not reach its own push service. Check the network, then press again; some private windows have no such service.') // prettier-ignore
  })
}

/** The browser is told nothing any more. */
export async function forgetPush(): Promise<void> {
  const registration = await registered()
  await (await registration?.pushManager?.getSubscription())?.unsubscribe()
}
