import type { Eye } from '@spudder/core/seen/eye'
import { watch } from 'vue'
import { useEyeSittings } from '../../api/eyes.ts'
import { usePlace } from '../../api/places.ts'
import { useWorker } from '../worker/use-worker.ts'
import type { EyesQuestion } from './measure-in-place.ts'

/** The sittings of a place, and the eyes that they tell of, measured in a worker. */
export function useEyes(placeId: () => string | undefined) {
  const sittings = useEyeSittings(placeId)
  const { place } = usePlace()
  const { answer, failure, isRunning, ask, forget, again } = useWorker<EyesQuestion, never, Eye[]>({
    what: 'How eyes rate',
    open: () => new Worker(new URL('./eyes.worker.ts', import.meta.url), { type: 'module' }),
    inPlace: async (question) => (await import('./measure-in-place.ts')).eyesFrom(question),
  })
  // Where nobody sat there is nothing to measure, and no worker is loaded for it.
  watch(
    [sittings.data, () => place.value?.settings.screens] as const,
    ([now, screens = []]) => {
      if (now && now.length > 0) void ask({ sittings: now, screens })
      else forget()
    },
    { immediate: true },
  )
  return { sittings, eyes: answer, failure, isRunning, again }
}
