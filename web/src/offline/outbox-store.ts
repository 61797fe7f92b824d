import {
  createStore,
  delMany,
  get,
  getMany,
  keys,
  set,
  setMany,
  update,
  type UseStore,
} from 'idb-keyval'
import type { WaitingStore } from './outbox-rules.ts'
import type { Outgoing } from './outgoing.ts'

let made: UseStore | undefined
const store = (): UseStore => (made ??= createStore('spudder-outbox', 'entries'))

/** Beside what waits: the next number of the order, and bytes of files, which are read only to be sent. */
const nextKey = 'next'
const fileMark = 'file of '
const isOfChange = (key: string): boolean => key !== nextKey && !key.startsWith(fileMark)

/** Without the proxies of the interface, which the database does not take. */
const plain = (item: Outgoing): Outgoing => JSON.parse(JSON.stringify(item)) as Outgoing

/**
 * What waits, in the database of this browser.
 * @throws {DOMException} where the browser keeps nothing, or has no room left
 */
export const outboxStore: WaitingStore<Outgoing> = {
  all: async () => {
    const found = await getMany<Outgoing | undefined>((await keys<string>(store())).filter(isOfChange), store()) // prettier-ignore
    // What another page sent meanwhile is not there any more; what an earlier version left has no name.
    return found.filter((each): each is Outgoing => each?.name !== undefined)
  },
  put: (item) => set(item.id, plain(item), store()),
  remove: (id) => delMany([id, fileMark + id], store()),
}

/**
 * Keeps a change with its file: both or neither.
 * @throws {DOMException} where the browser keeps nothing, or has no room left
 */
export async function putNew(item: Outgoing, file: Blob | undefined): Promise<void> {
  if (!file) return outboxStore.put(item)
  const bytes = await file.arrayBuffer()
  return setMany([[item.id, plain(item)], [fileMark + item.id, bytes]], store()) // prettier-ignore
}

/** The next number of the order, given once, whatever pages are open. */
export async function nextInOrder(): Promise<number> {
  let next = 1
  await update<number>(nextKey, (last = 0) => (next = last + 1), store())
  return next
}

/**
 * The file that goes with a change; undefined where none does.
 * @throws {Error} where one does and is not there
 */
export async function fileOf({ id, fileType }: Outgoing): Promise<Blob | undefined> {
  if (fileType === undefined) return undefined
  const bytes = await get<ArrayBuffer>(fileMark + id, store())
  if (!bytes)
    throw new Error('Its picture is no longer on this device. Delete it, and take it again.')
  return new Blob([bytes], { type: fileType })
}
