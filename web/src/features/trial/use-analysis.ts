import { getCurrentScope, onScopeDispose, shallowRef, watch, type Ref } from 'vue'
import { analyse, type AnalysisAnswer, type AnalysisQuestion } from './analyse.ts'

type Asked = Omit<AnalysisQuestion, 'number'>

/** The analysis of a trial, worked out in a worker; where there are none, in place. */
export function useAnalysis(asked: Readonly<Ref<Asked | undefined>>) {
  const answer = shallowRef<AnalysisAnswer>()
  const isRunning = shallowRef(false)
  let number = 0
  const worker =
    typeof Worker === 'undefined'
      ? undefined
      : new Worker(new URL('./analyse.worker.ts', import.meta.url), { type: 'module' })
  function take(data: AnalysisAnswer): void {
    if (data.number !== number) return
    answer.value = data
    isRunning.value = false
  }
  worker?.addEventListener('message', ({ data }: MessageEvent<AnalysisAnswer>) => take(data))
  watch(
    asked,
    (now) => {
      number += 1
      if (!now) {
        answer.value = undefined
        return
      }
      // Proxies cannot be sent.
      const question = JSON.parse(JSON.stringify({ ...now, number })) as AnalysisQuestion
      isRunning.value = true
      if (worker) worker.postMessage(question)
      else take(analyse(question))
    },
    { immediate: true },
  )
  if (getCurrentScope()) onScopeDispose(() => worker?.terminate())
  return { answer, isRunning }
}
