import { foretellAtOnce, type ForetellInput, type PathForecast } from '@spudder/core/soil/pH-path'
import { computed, watch, type Ref } from 'vue'
import { useWorker } from '../../shared/worker/use-worker.ts'

/**
 * The path of pH, followed in a worker so that a step can be dragged meanwhile; a newer question
 * ends an older one.
 */
export function usePath(input: Readonly<Ref<ForetellInput | undefined>>) {
  const path = useWorker<ForetellInput, number, PathForecast>({
    what: 'The path',
    open: () => new Worker(new URL('./path.worker.ts', import.meta.url), { type: 'module' }),
    inPlace: foretellAtOnce,
  })
  watch(input, (now) => (now ? void path.ask(now) : path.forget()), { immediate: true })
  return {
    forecast: path.answer,
    /** How far it is; undefined when nothing runs [1]. */
    share: computed(() => (path.isRunning.value ? (path.progress.value ?? 0) : undefined)),
    cancel: path.cancel,
    pathFailure: path.failure,
    followAgain: path.again,
  }
}
