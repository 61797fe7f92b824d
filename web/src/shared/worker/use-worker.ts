import { getCurrentScope, onScopeDispose, ref, shallowRef } from 'vue'
import { WorkerPort } from './worker-port.ts'

/** What is watched may be made of proxies, which a worker cannot be sent. */
const plain = <Question>(question: Question): Question =>
  JSON.parse(JSON.stringify(question)) as Question

interface WorkerUse<Question, Answer> {
  /** What is worked out, for the note where it could not be: "The path". */
  readonly what: string
  readonly open: () => Worker
  /** Does the same where there are no workers; absent where it would take too long. */
  readonly inPlace?: (question: Question) => Answer | Promise<Answer>
}

/**
 * Has something worked out in a worker for a screen: only the last question counts, a failure is
 * said and can be tried again, and the worker ends with the screen.
 */
export function useWorker<Question, Step, Answer>({
  what,
  open,
  inPlace,
}: WorkerUse<Question, Answer>) {
  const answer = shallowRef<Answer>()
  const progress = shallowRef<Step>()
  const failure = ref<string>()
  const isRunning = ref(false)
  const port =
    typeof Worker === 'undefined' && inPlace
      ? undefined
      : new WorkerPort<Question, Step, Answer>(open)
  let asked = 0
  let last: Question | undefined

  async function ask(question: Question): Promise<void> {
    asked += 1
    const mine = asked
    const isLast = () => mine === asked
    last = question
    failure.value = undefined
    isRunning.value = true
    progress.value = undefined
    try {
      const asking = port
        ? port.ask(plain(question), (step) => {
            if (isLast()) progress.value = step
          })
        : inPlace?.(question)
      const given = asking instanceof Promise ? await asking : asking
      if (isLast() && given !== undefined) answer.value = given
    } catch {
      if (isLast())
        failure.value = `${what} could not be worked out. Nothing that you typed is lost.`
    }
    if (!isLast()) return
    isRunning.value = false
    progress.value = undefined
  }
  /** Ends what runs; the last answer stands. */
  function cancel(): void {
    asked += 1
    port?.stop()
    isRunning.value = false
    progress.value = undefined
  }
  /** Lets go of the answer too. */
  function forget(): void {
    cancel()
    answer.value = undefined
    failure.value = undefined
  }
  /** Asks the last question again, of a fresh worker. */
  function again(): void {
    if (last === undefined) return
    port?.stop()
    void ask(last)
  }
  if (getCurrentScope()) onScopeDispose(cancel)
  return { answer, progress, failure, isRunning, ask, cancel, forget, again }
}
