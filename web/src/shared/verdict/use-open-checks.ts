import type { DiagnosisInput } from '@spudder/core/verdict/diagnosis'
import { watch, type Ref } from 'vue'
import { useWorker } from '../worker/use-worker.ts'
import { openChecksOf, type OpenChecks } from './open-checks.ts'

/**
 * The checks still open of a verdict, worked out in a worker: the verdict moves with every stroke of the brush,
 * the checks follow.
 */
export function useOpenChecks(input: Readonly<Ref<DiagnosisInput | undefined>>) {
  const { answer, failure, ask, forget, again } = useWorker<DiagnosisInput, never, OpenChecks>({
    what: 'What to check next',
    open: () => new Worker(new URL('./open-checks.worker.ts', import.meta.url), { type: 'module' }),
    inPlace: openChecksOf,
  })
  watch(input, (now) => (now ? void ask(now) : forget()), { immediate: true })
  return { openChecks: answer, checksFailure: failure, checkAgain: again }
}
