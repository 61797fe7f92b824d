import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { oneAtATime } from './one-at-a-time.ts'
import { inOrder, sendWaiting, type Stored } from './outbox-rules.ts'
import { fileOf, outboxStore, putNew } from './outbox-store.ts'
import type { Outgoing } from './outgoing.ts'
import { needs, sendingBy } from './sending.ts'

/** Other pages of this device look anew when something of it changed. */
const channelName = 'spudder-outbox'

/** What waits on this device, as it is in its store; every open page of it sees the same. */
function useItems() {
  const items = shallowRef<readonly Outgoing[]>([])
  const channel =
    typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(channelName)
  /** Whether it was looked: before that nobody knows that nothing waits. */
  const isLoaded = ref(false)
  const load = async (): Promise<void> => {
    items.value = inOrder(await outboxStore.all().catch(() => []))
    isLoaded.value = true
  }
  async function changed(): Promise<void> {
    await load()
    channel?.postMessage('changed')
  }
  if (channel) channel.onmessage = () => void load()
  return { items, isLoaded, load, changed }
}

/** What went out and was not read anew yet: it is shown on, so that nothing blinks. */
function useJustStored() {
  const justStored = shallowRef<readonly Outgoing[]>([])
  /** How much went out since this page was opened. */
  const storedCount = ref(0)
  function took(item: Outgoing): void {
    storedCount.value += 1
    justStored.value = [...justStored.value, item]
  }
  /** It was read anew: it need not be shown beside the answers any more. */
  function settle(stored: readonly Stored<Outgoing>[]): void {
    const ids = new Set(stored.map(({ item }) => item.id))
    justStored.value = justStored.value.filter(({ id }) => !ids.has(id))
  }
  return { justStored, storedCount, took, settle }
}

/** Changes that were made on this device and wait until there is signal; they go out by themselves, each once. */
export const useOutbox = defineStore('outbox', () => {
  const { items, isLoaded, load, changed } = useItems()
  const { justStored, storedCount, took, settle } = useJustStored()
  const isSending = ref(false)
  /** Who is signed in; undefined while nobody knows. */
  const sender = ref<string>()
  const isOwn = ({ by }: Outgoing): boolean =>
    by.id === undefined || sender.value === undefined || by.id === sender.value
  const waiting = computed(() => items.value.filter(({ refusal }) => refusal === undefined))
  const refused = computed(() => items.value.filter(({ refusal }) => refusal !== undefined))
  /** Everything that an answer of the server does not hold yet, and will. */
  const shown = computed(() => inOrder([...justStored.value, ...waiting.value]))

  /** @throws {DOMException} where the browser keeps nothing, or has no room left */
  async function keep(item: Outgoing, file?: Blob): Promise<void> {
    await putNew(item, file)
    await changed()
  }
  const isHere = (id: string): boolean => items.value.some((item) => item.id === id)
  /** The picture of a photo that waits here. */
  async function pictureOf(photoId: string): Promise<Blob | undefined> {
    const item = items.value.find(({ id }) => id === photoId)
    return item && fileOf(item).catch(() => undefined)
  }
  /** What cannot be stored without it. */
  const restingOn = (id: string): readonly Outgoing[] =>
    items.value.filter((item) => needs(item).includes(id))
  /** Deletes one, with what rests on it: nobody brings it back. */
  async function forget(id: string): Promise<void> {
    const gone = [...restingOn(id), ...items.value.filter((item) => item.id === id)]
    for (const item of gone) await outboxStore.remove(item.id)
    await changed()
  }
  /** Lets one go out again as it is, or over what somebody else stored meanwhile. */
  async function again(item: Outgoing, version?: number): Promise<void> {
    const { refusal: _refusal, ...rest } = item
    const dto = version === undefined ? item.asked.dto : { ...item.asked.dto, version }
    await keep({ ...rest, asked: { ...item.asked, ...(dto ? { dto } : {}) } })
  }
  /**
   * Sends what waits.
   * @param isAsked somebody asked, or the signal came back: no pause is kept
   * @returns what was stored, and what stood against what was not, by id
   */
  async function flush(isAsked = false) {
    const [stored, failures] = [[] as Stored<Outgoing>[], new Map<string, unknown>()]
    const sending = sendingBy(isOwn, ({ id }, error) => failures.set(id, error))
    isSending.value = true
    try {
      const each = (one: Stored<Outgoing>) => {
        stored.push(one)
        took(one.item)
        void changed()
      }
      await oneAtATime(channelName, () => sendWaiting(sending, isAsked, each))
    } finally {
      isSending.value = false
      await changed()
    }
    return { stored, failures }
  }
  return { items, isLoaded, waiting, refused, shown, sender, isOwn, isSending, storedCount, load, keep, isHere, pictureOf, restingOn, forget, again, flush, settle } // prettier-ignore
})
