import { useMeanwhile } from '../api/meanwhile.ts'
import { useReadAnew } from '../api/use-change.ts'
import { outdoorTouches } from './outdoor-routes.ts'
import { useOutbox } from './outbox.ts'

/**
 * Sends what waits on this device, and reads anew what it can be seen in.
 * @returns with `read`, which is done when it was read
 */
export function useSendOn() {
  const outbox = useOutbox()
  const meanwhile = useMeanwhile()
  const readAnew = useReadAnew(outdoorTouches)
  return async (isAsked: boolean) => {
    const sent = await outbox.flush(isAsked)
    for (const { answer } of sent.stored) meanwhile.took(answer)
    const isAny = sent.stored.length > 0
    const read = isAny ? readAnew().finally(() => outbox.settle(sent.stored)) : Promise.resolve()
    return { ...sent, read }
  }
}
