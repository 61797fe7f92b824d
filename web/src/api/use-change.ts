import type { Route, Topic } from '@spudder/contract/route'
import { useMutation, useQueryCache } from '@pinia/colada'
import { ApiProblem } from './api-problem.ts'
import { ref } from 'vue'
import type { AnswerOf, AskedOf } from './call.ts'
import { carrier } from './carrier.ts'
import { useMeanwhile } from './meanwhile.ts'
import { useFailures } from './failures.ts'

/** Where a failure is told: beside the button that sent it, by a note of its own; else on top of the page. */
export interface ChangeOptions {
  readonly told?: 'beside'
  /** What was typed, where it may have to be put right after the form was closed. */
  readonly draft?: () => object
}

/**
 * Reads anew what is kept under some topics. Never fails: a query that cannot be read says so
 * itself, and a change must not look unfinished because of it.
 */
export function useReadAnew(topics: readonly Topic[]): () => Promise<unknown> {
  const cache = useQueryCache()
  return () => Promise.allSettled(topics.map((topic) => cache.invalidateQueries({ key: [topic] })))
}

/** What is sent, as far as it tells which state was seen. */
const versionIn = (asked: unknown): number | undefined =>
  (asked as { readonly dto?: { readonly version?: number } }).dto?.version

/** The same, of the state that is stored now: sent again, it is stored over what somebody else did. */
const overwriting = <Asked>(asked: Asked, version: number): Asked => {
  const { dto, ...rest } = asked as { readonly dto: object }
  return { ...rest, dto: { ...dto, version } } as Asked
}

/**
 * A request that changes something; whatever shows it is read anew afterwards. Its failures are
 * handled here and nowhere else: they stay in `error`, and are told on top of the page unless the
 * screen has a note beside the button. Where somebody else changed it meanwhile, the person chooses. What may
 * wait for signal does, on this device, and is answered as it will be.
 */
export function useChange<R extends Route>(route: R, { told, draft }: ChangeOptions = {}) {
  const failures = useFailures()
  const meanwhile = useMeanwhile()
  /** What the last change can be taken back by. */
  let changeId = ''
  /** Whether what was sent last waits on this device for signal. */
  const isWaiting = ref(false)
  const readAnew = useReadAnew(route.touches)
  let isReadAnew = false
  const { mutateAsync, error, isLoading } = useMutation<AnswerOf<R>, AskedOf<R>, ApiProblem>({
    mutation: async (asked: AskedOf<R>) => {
      changeId = crypto.randomUUID()
      isWaiting.value = false
      isReadAnew = false
      const carried = await carrier().carry(route, asked, { changeId, draft: draft?.() })
      isWaiting.value = carried.isWaiting
      isReadAnew = carried.isWaiting || carried.isReadAnew
      return carried.answer
    },
    // Without signal there is nothing new to be read.
    onSettled: () => (isReadAnew ? undefined : readAnew()),
  })

  async function sendOrAsk(asked: AskedOf<R>): Promise<AnswerOf<R>> {
    try {
      return await mutateAsync(asked)
    } catch (problem) {
      const now = problem instanceof ApiProblem ? problem.version : undefined
      if (now === undefined || versionIn(asked) === undefined) throw problem
      if ((await meanwhile.ask((problem as ApiProblem).message)) === 'theirs') throw problem
      return sendOrAsk(overwriting(asked, now))
    }
  }

  /**
   * @param failed is told what stood against it, as to take another id after a conflict
   * @returns undefined where it was not stored
   */
  async function send(
    asked: AskedOf<R>,
    failed?: (problem: unknown) => void,
  ): Promise<AnswerOf<R> | undefined> {
    try {
      const answer = await sendOrAsk(asked)
      meanwhile.took(answer)
      return answer
    } catch (problem) {
      if (!(problem instanceof ApiProblem)) throw problem
      failed?.(problem)
      if (told !== 'beside') failures.tell(problem)
      return undefined
    }
  }
  return { send, error, isLoading, isWaiting, lastId: () => changeId }
}
