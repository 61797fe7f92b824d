import { CoreError } from '@spudder/core/base/error'
import { Worker } from 'node:worker_threads'
import type { Answer, Part, Readings } from './tasks.ts'

/** No file takes longer, by far; what does is given up, and the thread with it [ms]. */
const patienceMs = 60_000

interface Waiting {
  readonly settle: (answer: Answer) => void
  readonly fail: (error: Error) => void
  readonly timer: NodeJS.Timeout
}

/** Copied in a few milliseconds. */
const partBytes = 2 ** 21

let worker: Worker | undefined
let asked = 0
const waiting = new Map<number, Waiting>()

function giveUp(error: Error): void {
  worker = undefined
  for (const { fail, timer } of waiting.values()) {
    clearTimeout(timer)
    fail(error)
  }
  waiting.clear()
}

function opened(): Worker {
  if (worker) return worker
  const thread = new Worker(new URL('./start-reader.mjs', import.meta.url))
  thread.on('message', (answer: Answer) => {
    const item = waiting.get(answer.number)
    if (!item) return
    waiting.delete(answer.number)
    clearTimeout(item.timer)
    item.settle(answer)
  })
  thread.on('error', giveUp)
  // The server does not stay for it.
  thread.unref()
  worker = thread
  return thread
}

/** Begins the thread, which takes a second: before anybody waits for it. */
export const openThread = (): void => void opened()

/**
 * Reads a file away from where requests are answered.
 * @param bytes of a long file, which go over in parts: to copy it at once would hold everybody up
 * @throws {CoreError} whatever the reader has against the file
 */
export async function readInThread<Name extends keyof Readings>(
  name: Name,
  given: Readings[Name]['asked'],
  bytes: Uint8Array = new Uint8Array(),
): Promise<Readings[Name]['read']> {
  const number = (asked += 1)
  for (let from = 0; from < bytes.length; from += partBytes) {
    // A copy of its own: what is handed over is gone here, and may be asked for again.
    const part: Part = { number, part: new Uint8Array(bytes.subarray(from, from + partBytes)) }
    opened().postMessage(part, [part.part.buffer as ArrayBuffer])
    await new Promise((resolve) => setImmediate(resolve))
  }
  const answer = await new Promise<Answer>((settle, fail) => {
    const timer = setTimeout(() => {
      const thread = worker
      giveUp(new Error('a file took too long to read'))
      void thread?.terminate()
    }, patienceMs)
    waiting.set(number, { settle, fail, timer })
    opened().postMessage({ number, name, asked: given })
  })
  const { read, refusal, failure } = answer
  if (refusal) {
    const { refusal: why, ...detail } = refusal
    throw new CoreError(why, detail as never)
  }
  if (failure !== undefined) throw new Error(failure)
  return read as Readings[Name]['read']
}
