import type { Route, Topic } from '@spudder/contract/route'
import { useMutation, useQueryCache } from '@pinia/colada'
import { ApiProblem } from './api-problem.ts'
import { call, type AnswerOf, type AskedOf } from './call.ts'
import { useFailures } from './failures.ts'

/** Where a failure is told: beside the button that sent it, by a note of its own; else on top of the page. */
export interface ChangeOptions {
  readonly told?: 'beside'
}

/**
 * Reads anew what is kept under some topics. Never fails: a query that cannot be read says so
 * itself, and a change must not look unfinished because of it.
 */
export function useReadAnew(topics: readonly Topic[]): () => Promise<unknown> {
  const cache = useQueryCache()
  return () => Promise.allSettled(topics.map((topic) => cache.invalidateQueries({ key: [topic] })))
}

/**
 * A request that changes something; whatever shows it is read anew afterwards. Its failures are
 * handled here and nowhere else: they stay in `error`, and are told on top of the page unless the
 * screen has a note beside the button.
 */
export function useChange<R extends Route>(route: R, { told }: ChangeOptions = {}) {
  const failures = useFailures()
  const { mutateAsync, error, isLoading } = useMutation<AnswerOf<R>, AskedOf<R>, ApiProblem>({
    mutation: (asked: AskedOf<R>) => call(route, asked),
    onSettled: useReadAnew(route.touches),
  })
  /**
   * @param failed is told what stood against it, as to take another id after a conflict
   * @returns undefined where it was not stored
   */
  async function send(
    asked: AskedOf<R>,
    failed?: (problem: unknown) => void,
  ): Promise<AnswerOf<R> | undefined> {
    try {
      return await mutateAsync(asked)
    } catch (problem) {
      if (!(problem instanceof ApiProblem)) throw problem
      failed?.(problem)
      if (told !== 'beside') failures.tell(problem)
      return undefined
    }
  }
  return { send, error, isLoading }
}
