import { watch, type Ref } from 'vue'
import { useWorker } from '../../shared/worker/use-worker.ts'
import { analyse, type AnalysisAnswer, type AnalysisQuestion } from './analyse.ts'

/** The analysis of a trial, worked out in a worker. */
export function useAnalysis(asked: Readonly<Ref<AnalysisQuestion | undefined>>) {
  const { answer, failure, isRunning, ask, forget, again } = useWorker<
    AnalysisQuestion,
    never,
    AnalysisAnswer
  >({
    what: 'What the ratings say',
    open: () => new Worker(new URL('./analyse.worker.ts', import.meta.url), { type: 'module' }),
    inPlace: analyse,
  })
  watch(asked, (now) => (now ? void ask(now) : forget()), { immediate: true })
  return { answer, failure, isRunning, again }
}
