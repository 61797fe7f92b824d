import { createStore, del, set, values, type UseStore } from 'idb-keyval'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { ApiProblem } from '../api/api-problem.ts'
import { sendRecord, type SentRecord } from './send-record.ts'

/** A record that was made without signal and waits on this device. */
export interface Outgoing extends SentRecord {
  readonly title: string
  readonly keptAt: string
  /** Why it was not taken; it stays here until somebody has read it. */
  readonly problem?: string
}

let store: UseStore | undefined
const entries = (): UseStore => (store ??= createStore('spudder-outbox', 'entries'))

const isUnreachable = (error: unknown) =>
  error instanceof ApiProblem && error.code === 'unreachable'

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
  /**
   * Sends what waits, one after the other; stops where there is still no signal.
   * @returns how many were stored
   */
  async function flush(): Promise<number> {
    if (isSending.value) return 0
    isSending.value = true
    let stored = 0
    try {
      for (const item of waiting.value.slice()) {
        try {
          await sendRecord(item)
          await forget(item.dto.id)
          stored += 1
        } catch (error) {
          if (isUnreachable(error)) break
          await keep({ ...item, problem: error instanceof Error ? error.message : String(error) })
        }
      }
    } finally {
      isSending.value = false
    }
    return stored
  }
  return { items, waiting, refused, isSending, load, keep, forget, flush }
})
