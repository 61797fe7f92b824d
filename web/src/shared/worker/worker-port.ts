import { writtenAs } from '@spudder/core/base/writing'
import type { Asked, Told } from './messages.ts'

/** A question that has no answer: the worker threw, could not be loaded, or was stopped. */
class WorkerFailure extends Error {}

interface Waiting<Step, Answer> {
  readonly resolve: (answer: Answer | undefined) => void
  readonly reject: (failure: WorkerFailure) => void
  readonly onStep: ((step: Step) => void) | undefined
}

/** Asks a worker that is opened with the first question, and again after it has failed. */
export class WorkerPort<Question, Step, Answer> {
  readonly #open: () => Worker
  #worker: Worker | undefined
  #asked = 0
  readonly #waiting = new Map<number, Waiting<Step, Answer>>()

  constructor(open: () => Worker) {
    this.#open = open
  }

  /**
   * @param onStep is told how far it is
   * @returns undefined where it was dropped for a newer question
   * @throws {WorkerFailure} whatever stood against it
   */
  ask(question: Question, onStep?: (step: Step) => void): Promise<Answer | undefined> {
    this.#asked += 1
    const number = this.#asked
    return new Promise((resolve, reject) => {
      this.#waiting.set(number, { resolve, reject, onStep })
      const asked: Asked<Question> = { number, question, locale: writtenAs() }
      this.#opened().postMessage(asked)
    })
  }

  /** Ends what runs; whoever waits is told so. The next question opens the worker anew. */
  stop(why = 'stopped'): void {
    this.#worker?.terminate()
    this.#worker = undefined
    const left = [...this.#waiting.values()]
    this.#waiting.clear()
    for (const { reject } of left) reject(new WorkerFailure(why))
  }

  #opened(): Worker {
    if (this.#worker) return this.#worker
    const worker = this.#open()
    worker.addEventListener('message', ({ data }: MessageEvent<Told<Step, Answer>>) =>
      this.#take(data),
    )
    // A script that cannot be loaded, or throws before it listens.
    worker.addEventListener('error', () => this.stop('could not be started'))
    worker.addEventListener('messageerror', () => this.stop('could not be understood'))
    this.#worker = worker
    return worker
  }

  #take(told: Told<Step, Answer>): void {
    const waiting = this.#waiting.get(told.number)
    if (!waiting) return
    if ('step' in told) {
      waiting.onStep?.(told.step)
      return
    }
    this.#waiting.delete(told.number)
    if ('failure' in told) waiting.reject(new WorkerFailure(told.failure))
    else waiting.resolve('answer' in told ? told.answer : undefined)
  }
}
