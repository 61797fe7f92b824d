import { historyRoutes, type FileKind } from '@spudder/contract/history'
import { usePlace } from '../../api/places.ts'
import { useChange } from '../../api/use-change.ts'
import { useToasts } from '../../ui/use-toasts.ts'

/** Says what was done and lets it be taken back, with all that was done at once with it. */
export function useUndo() {
  const { place } = usePlace()
  const toasts = useToasts()
  const back = useChange(historyRoutes.takeBack)
  async function takeBack(groupId: string): Promise<boolean> {
    const placeId = place.value?.id
    if (placeId === undefined) return false
    const done = await back.send({ placeId, dto: { groupId } })
    if (done) toasts.say('Taken back.')
    return done !== undefined
  }
  const fileBack = useChange(historyRoutes.takeBackFile)
  /** Takes back all that came in with the file of a thing, and lets that be taken back. */
  async function takeBackFile(
    kind: FileKind,
    { id, file }: { readonly id: string; readonly file: string },
  ): Promise<void> {
    const placeId = place.value?.id
    if (placeId === undefined) return
    const dto = { kind, id, reason: 'Taken in by mistake.' }
    const done = await fileBack.send({ placeId, dto })
    if (!done) return
    const rows = done.count === 1 ? 'One row' : `${done.count} rows`
    const words = `${rows} of ${file} ${done.count === 1 ? 'is' : 'are'} taken back.`
    // An entry is struck by a line of its own; it is brought back in the record.
    if (kind === 'entry') toasts.say(words)
    else toasts.say(words, () => takeBack(fileBack.lastId()))
  }
  return {
    takeBack,
    takeBackFile,
    /** @param changeId what the change was sent under */
    offer: (words: string, changeId: string) => toasts.say(words, () => takeBack(changeId)),
  }
}
