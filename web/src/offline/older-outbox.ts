import type { CreateEntryDto, entryRoutes } from '@spudder/contract/entry'
import type { photoRoutes } from '@spudder/contract/photo'
import { createStore, del, get, keys } from 'idb-keyval'
import type { AskedOf } from '../api/call.ts'
import { nextInOrder, putNew } from './outbox-store.ts'
import type { Outgoing } from './outgoing.ts'

/** A record of work with its photos, as earlier versions kept it, in the same store. */
interface OlderRecord {
  readonly jobId: string
  readonly standId: string
  readonly title: string
  readonly dto: CreateEntryDto
  readonly typed?: object
  readonly keptAt: string
  readonly problem?: string
  readonly photos: readonly {
    readonly id: string
    readonly fileName: string
    readonly type: string
    readonly bytes: ArrayBuffer
  }[]
}

const isOlder = (kept: unknown): kept is OlderRecord =>
  typeof kept === 'object' && kept !== null && 'photos' in kept && 'jobId' in kept

/** Takes over what an older version left waiting on this device, so that nothing of it is lost. */
export async function takeOverOlder(): Promise<void> {
  const store = createStore('spudder-outbox', 'entries')
  for (const key of await keys<string>(store)) {
    const older: unknown = await get(key, store)
    if (!isOlder(older)) continue
    const { jobId, standId, title, dto, typed, keptAt: madeAt, problem, photos } = older
    const common = { standId, madeAt, by: { name: 'you' } }
    const seq = await nextInOrder()
    for (const { id, fileName, type, bytes } of photos) {
      const asked = { standId, query: { id, fileName, entryId: dto.id } } satisfies Omit<AskedOf<typeof photoRoutes.keep>, 'dto'> // prettier-ignore
      const photo: Outgoing = { ...common, id, seq: await nextInOrder(), name: 'photo', changeId: crypto.randomUUID(), asked, fileType: type, title: `Photo ${fileName}` } // prettier-ignore
      await putNew(photo, new Blob([bytes], { type }))
    }
    const asked = { jobId, dto } satisfies AskedOf<typeof entryRoutes.record>
    const entry: Outgoing = {
      ...common,
      id: dto.id,
      seq,
      name: 'entry',
      changeId: crypto.randomUUID(),
      asked,
      title: `Record: ${title}`,
      ...(typed ? { draft: typed } : {}),
      ...(problem === undefined ? {} : { refusal: { words: problem } }),
    }
    // Under its own key, over the older one: both at once.
    await putNew(entry, undefined)
    if (key !== dto.id) await del(key, store)
  }
}
