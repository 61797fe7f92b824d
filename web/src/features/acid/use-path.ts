import { foretellAtOnce, type ForetellInput, type PathForecast } from '@spudder/core/soil/pH-path'
import { getCurrentScope, onScopeDispose, ref, shallowRef, toRaw, watch, type Ref } from 'vue'

interface Answer {
  readonly number: number
  readonly share?: number
  readonly forecast?: PathForecast
}

/** What is watched may be made of proxies, which a worker cannot be sent. */
const plain = (input: ForetellInput): ForetellInput =>
  JSON.parse(JSON.stringify(toRaw(input))) as ForetellInput

/**
 * The path of pH, followed in a worker so that a step can be dragged meanwhile; a newer question
 * ends an older one. Where there are no workers it is worked out in place.
 */
export function usePath(input: Readonly<Ref<ForetellInput | undefined>>) {
  const forecast = shallowRef<PathForecast>()
  /** How far it is; undefined when nothing runs [1]. */
  const share = ref<number>()
  if (typeof Worker === 'undefined') {
    watch(input, (now) => (forecast.value = now && foretellAtOnce(now)), { immediate: true })
    return { forecast, share, cancel: () => undefined }
  }
  const worker = new Worker(new URL('./path.worker.ts', import.meta.url), { type: 'module' })
  let asked = 0
  worker.addEventListener('message', ({ data }: MessageEvent<Answer>) => {
    if (data.number !== asked) return
    share.value = data.forecast ? undefined : data.share
    if (data.forecast) forecast.value = data.forecast
  })
  function ask(now: ForetellInput | undefined): void {
    asked += 1
    share.value = now && 0
    if (!now) forecast.value = undefined
    worker.postMessage({ input: now && plain(now), number: asked })
  }
  watch(input, ask, { immediate: true })
  /** Ends what runs; the last path stands. */
  function cancel(): void {
    asked += 1
    share.value = undefined
    worker.postMessage({ input: undefined, number: asked })
  }
  if (getCurrentScope()) onScopeDispose(() => worker.terminate())
  return { forecast, share, cancel }
}
