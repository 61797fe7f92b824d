import { historyRoutes } from '@spudder/contract/history'
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
  return {
    takeBack,
    /** @param changeId what the change was sent under */
    offer: (words: string, changeId: string) => toasts.say(words, () => takeBack(changeId)),
  }
}
