import { createStore, del, set, values, type UseStore } from 'idb-keyval'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { isWorthAnother } from '../api/api-problem.ts'
import { sendRecord, type SentRecord } from './send-record.ts'

/** A record that was made without signal and waits on this device. */
export interface Outgoing extends SentRecord {
  readonly title: string
  readonly keptAt: string
  /** What was typed, to be opened again where it has to be put right. */
  readonly typed?: object
  /** How often it was tried, when it is tried next, and what came of it last. */
  readonly tries?: number
  readonly nextTryAt?: number
  readonly lastTry?: string
  /** What the server has against it; it stays here until somebody puts it right or deletes it. */
  readonly problem?: string
}

/** Pauses between tries: the first, and the longest [ms]. */
const firstPauseMs = 5000
const longestPauseMs = 5 * 60_000
/** Each pause is twice the one before, give or take a fifth: many devices come back at once. */
function pauseAfter(tries: number): number {
  const pause = Math.min(longestPauseMs, firstPauseMs * 2 ** (tries - 1))
  return pause * (0.8 + 0.4 * Math.random())
}

let store: UseStore | undefined
const entries = (): UseStore => (store ??= createStore('spudder-outbox', 'entries'))

/** A photo as it lies in the browser's database: bytes, which every browser keeps. */
interface KeptPhoto {
  readonly id: string
  readonly fileName: string
  readonly type: string
  readonly bytes: ArrayBuffer
}
type Kept = Omit<Outgoing, 'photos'> & { readonly photos: readonly KeptPhoto[] }

async function toKept({ photos, ...item }: Outgoing): Promise<Kept> {
  const kept = photos.map(async ({ id, fileName, file }) => ({
    id,
    fileName,
    type: file.type,
    bytes: await file.arrayBuffer(),
  }))
  // Without the proxies of the interface, which the database does not take.
  const plain = JSON.parse(JSON.stringify(item)) as Omit<Outgoing, 'photos'>
  return { ...plain, photos: await Promise.all(kept) }
}

const fromKept = ({ photos, ...item }: Kept): Outgoing => ({
  ...item,
  photos: photos.map(({ id, fileName, type, bytes }) => ({
    id,
    fileName,
    file: new Blob([bytes], { type }),
  })),
})

/** Records that wait on this device until there is signal; they go out by themselves, each once. */
export const useOutbox = defineStore('outbox', () => {
  const items = shallowRef<readonly Outgoing[]>([])
  const isSending = ref(false)
  const waiting = computed(() => items.value.filter(({ problem }) => problem === undefined))
  const refused = computed(() => items.value.filter(({ problem }) => problem !== undefined))

  async function load(): Promise<void> {
    const kept = await values<Kept>(entries()).catch(() => [])
    items.value = kept.map(fromKept).toSorted((one, other) => (one.keptAt < other.keptAt ? -1 : 1))
  }
  async function keep(item: Outgoing): Promise<void> {
    await set(item.dto.id, await toKept(item), entries())
    await load()
  }
  async function forget(id: string): Promise<void> {
    await del(id, entries())
    await load()
  }
  /** Tries one; whether it was stored. What nobody judged is tried again later, and never given up. */
  async function tryOnce(item: Outgoing): Promise<'stored' | 'later' | 'refused'> {
    try {
      await sendRecord(item)
      await forget(item.dto.id)
      return 'stored'
    } catch (error) {
      const words = error instanceof Error ? error.message : String(error)
      if (!isWorthAnother(error)) {
        await keep({ ...item, problem: words })
        return 'refused'
      }
      const tries = (item.tries ?? 0) + 1
      await keep({ ...item, tries, nextTryAt: Date.now() + pauseAfter(tries), lastTry: words })
      return 'later'
    }
  }
  /**
   * Sends what waits, one after the other, in the order in which it was made; stops at the first that
   * has to wait.
   * @param isAsked somebody asked, or the signal came back: no pause is kept
   * @returns how many were stored
   */
  async function flush(isAsked = false): Promise<number> {
    if (isSending.value) return 0
    isSending.value = true
    let stored = 0
    try {
      for (const item of waiting.value.slice()) {
        if (!isAsked && (item.nextTryAt ?? 0) > Date.now()) break
        const outcome = await tryOnce(item)
        if (outcome === 'later') break
        if (outcome === 'stored') stored += 1
      }
    } finally {
      isSending.value = false
    }
    return stored
  }
  return { items, waiting, refused, isSending, load, keep, forget, flush }
})
