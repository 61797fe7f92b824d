import { writeAs } from '@spudder/core/base/writing'
import type { Asked, Told } from './messages.ts'

/** What work can do besides answering. */
export interface AtWork<Step> {
  /** Tells how far it is. */
  readonly report: (step: Step) => void
  /** Whether somebody has asked anew; looked at after a pause. */
  readonly isStale: () => boolean
}

/** Dropped for a newer question. */
export const dropped = Symbol('dropped')

/**
 * Answers questions in a worker, each with its answer or with why there is none: work that throws
 * never leaves anybody waiting.
 */
export function serveWorker<Question, Step, Answer>(
  work: (question: Question, at: AtWork<Step>) => Promise<Answer | typeof dropped> | Answer,
): void {
  let newest = 0
  const tell = (told: Told<Step, Answer>) => self.postMessage(told)
  self.addEventListener('message', ({ data }: MessageEvent<Asked<Question>>) => {
    const { number, question, locale } = data
    newest = number
    writeAs(locale)
    void (async () => {
      try {
        const answer = await work(question, {
          report: (step) => tell({ number, step }),
          isStale: () => number !== newest,
        })
        tell(
          answer === dropped ? { number, isDropped: true } : { number, answer: answer as Answer },
        )
      } catch (error) {
        tell({ number, failure: error instanceof Error ? error.message : String(error) })
      }
    })()
  })
}

/** Lets messages through. */
export const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve))
