import type { Asked } from '../shared/worker/messages.ts'

/** A worker in the hand of a test: it keeps what it was asked, and tells what it is told to. */
export class HandWorker<Question = unknown> extends EventTarget {
  static made: HandWorker[] = []
  readonly asked: Asked<Question>[] = []
  isEnded = false

  constructor() {
    super()
    HandWorker.made.push(this as HandWorker)
  }
  static get last(): HandWorker {
    const last = HandWorker.made.at(-1)
    if (!last) throw new Error('no worker was opened')
    return last
  }
  postMessage(asked: Asked<Question>): void {
    // As a real one: what cannot be cloned is not sent.
    this.asked.push(structuredClone(asked))
  }
  terminate(): void {
    this.isEnded = true
  }
  /** Tells something of the question last asked, or of another. */
  tell(told: object, number = this.asked.at(-1)?.number): void {
    this.dispatchEvent(new MessageEvent('message', { data: { number, ...told } }))
  }
  fail(): void {
    this.dispatchEvent(new Event('error'))
  }
}
