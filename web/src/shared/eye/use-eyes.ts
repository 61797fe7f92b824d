import type { Eye, KeptSitting } from '@spudder/core/seen/eye'
import { watch } from 'vue'
import { useEyeSittings } from '../../api/eyes.ts'
import { useWorker } from '../worker/use-worker.ts'

/** The sittings of a place, and the eyes that they tell of, measured in a worker. */
export function useEyes(placeId: () => string | undefined) {
  const sittings = useEyeSittings(placeId)
  const { answer, failure, isRunning, ask, forget, again } = useWorker<KeptSitting[], never, Eye[]>(
    {
      what: 'How eyes rate',
      open: () => new Worker(new URL('./eyes.worker.ts', import.meta.url), { type: 'module' }),
      inPlace: async (sittings) => (await import('./measure-in-place.ts')).eyesOf(sittings),
    },
  )
  // Where nobody sat there is nothing to measure, and no worker is loaded for it.
  watch(
    sittings.data,
    (now) => {
      if (now && now.length > 0) void ask(now)
      else forget()
    },
    { immediate: true },
  )
  return { sittings, eyes: answer, failure, isRunning, again }
}
