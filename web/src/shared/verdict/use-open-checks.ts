import type { DiagnosisInput } from '@spudder/core/verdict/diagnosis'
import {
  getCurrentScope,
  onScopeDispose,
  shallowRef,
  toRaw,
  watch,
  type Ref,
  type ShallowRef,
} from 'vue'
import { openChecksOf, type OpenChecks } from './open-checks.ts'

/** What is watched may be made of proxies, which a worker cannot be sent. */
function withoutProxies(input: DiagnosisInput): DiagnosisInput {
  const { findings, pHHistory, events, ...plain } = input
  const { readings, corrections } = pHHistory
  return {
    ...plain,
    findings: { ...toRaw(findings) },
    pHHistory: { readings: toRaw(readings), corrections: toRaw(corrections) },
    events: toRaw(events),
  }
}

/**
 * The checks still open of a verdict, worked out in a worker: the bars move with every stroke of the brush,
 * the checks follow. Where there are no workers it is worked out in place.
 */
export function useOpenChecks(
  input: Readonly<Ref<DiagnosisInput | undefined>>,
): ShallowRef<OpenChecks | undefined> {
  const openChecks = shallowRef<OpenChecks>()
  if (typeof Worker === 'undefined') {
    watch(input, (now) => (openChecks.value = now && openChecksOf(now)), { immediate: true })
    return openChecks
  }
  const worker = new Worker(new URL('./open-checks.worker.ts', import.meta.url), { type: 'module' })
  let asked = 0
  worker.addEventListener(
    'message',
    (event: MessageEvent<{ openChecks: OpenChecks; number: number }>) => {
      // An answer to what was so before the last stroke is no answer any more.
      if (event.data.number === asked) openChecks.value = event.data.openChecks
    },
  )
  watch(
    input,
    (now) => {
      asked += 1
      if (now) worker.postMessage({ input: withoutProxies(now), number: asked })
      else openChecks.value = undefined
    },
    { immediate: true },
  )
  if (getCurrentScope()) onScopeDispose(() => worker.terminate())
  return openChecks
}
