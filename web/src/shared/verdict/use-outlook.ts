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
import { outlookOf, type Outlook } from './outlook.ts'

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
 * The outlook of a verdict, worked out in a worker: the bars move with every stroke of the brush,
 * the checks follow. Where there are no workers it is worked out in place.
 */
export function useOutlook(
  input: Readonly<Ref<DiagnosisInput | undefined>>,
): ShallowRef<Outlook | undefined> {
  const outlook = shallowRef<Outlook>()
  if (typeof Worker === 'undefined') {
    watch(input, (now) => (outlook.value = now && outlookOf(now)), { immediate: true })
    return outlook
  }
  const worker = new Worker(new URL('./outlook.worker.ts', import.meta.url), { type: 'module' })
  let asked = 0
  worker.addEventListener(
    'message',
    (event: MessageEvent<{ outlook: Outlook; number: number }>) => {
      // An answer to what was so before the last stroke is no answer any more.
      if (event.data.number === asked) outlook.value = event.data.outlook
    },
  )
  watch(
    input,
    (now) => {
      asked += 1
      if (now) worker.postMessage({ input: withoutProxies(now), number: asked })
      else outlook.value = undefined
    },
    { immediate: true },
  )
  if (getCurrentScope()) onScopeDispose(() => worker.terminate())
  return outlook
}
