import type { Eye, KeptSitting } from '@spudder/core/seen/eye'
import { watch } from 'vue'
import { useEyeSittings } from '../../api/eyes.ts'
import { useWorker } from '../worker/use-worker.ts'

/** The sittings of a place, and the eyes that they tell of, measured in a worker. */
export function useEyes(placeId: () => string | undefined) {
  const sittings = useEyeSittings(placeId)
  const { answer, failure, isRunning, ask, again } = useWorker<KeptSitting[], never, Eye[]>({
    what: 'How eyes rate',
    open: () => new Worker(new URL('./eyes.worker.ts', import.meta.url), { type: 'module' }),
    inPlace: async (sittings) => (await import('./measure-in-place.ts')).eyesOf(sittings),
  })
  watch(sittings.data, (now) => now && void ask(now), { immediate: true })
  return { sittings, eyes: answer, failure, isRunning, again }
}
