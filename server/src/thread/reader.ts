import { CoreError } from '@spudder/core/base/error'
import { readLaboratoryFile, RowReader } from '@spudder/core/seen/laboratory'
import { readStationFile } from '@spudder/core/days/station'
import { parentPort } from 'node:worker_threads'
import { packedDays } from './packed-days.ts'
import type { Answer, Part, Readings, Task } from './tasks.ts'

/** As many as a person mends at once. */
const errorsTold = 50

/** Reads files of people in a thread of its own, so that a long one keeps nobody else waiting. */
const readers: {
  readonly [Name in keyof Readings]: (
    task: Readings[Name]['asked'],
    /** Its file, where that came in parts: text in UTF-8. */
    parts: readonly Uint8Array[],
  ) => Readings[Name]['read']
} = {
  station: ({ dayOrder, columns }, parts) => {
    const text = new TextDecoder().decode(Buffer.concat(parts))
    const { days, errors, assumed } = readStationFile(text, { dayOrder, columns })
    return { packed: packedDays(days), errors: errors.slice(0, errorsTold), assumed }
  },
  laboratory: ({ text, map, latest }) => {
    const file = readLaboratoryFile(text)
    return new RowReader(file, map, latest).read(0, file.rows.length)
  },
}

function answerTo({ number, name, asked }: Task, parts: readonly Uint8Array[]): Answer {
  try {
    return { number, read: readers[name](asked as never, parts) }
  } catch (error) {
    if (error instanceof CoreError) {
      const { refusal, parameter, received, values } = error
      return { number, refusal: { refusal, parameter, received, values } }
    }
    return { number, failure: error instanceof Error ? error.name : 'Error' }
  }
}

/** Numbers are handed over, not copied: whoever takes them is not held up. */
function handedOver({ read }: Answer): ArrayBuffer[] {
  const { packed } = (read ?? {}) as Partial<Readings['station']['read']>
  return packed ? [packed.values.buffer] : []
}

/** Parts of files whose task has not come yet. */
const waiting = new Map<number, Uint8Array[]>()

parentPort?.on('message', (message: Task | Part) => {
  const parts = waiting.get(message.number) ?? []
  if ('part' in message) {
    waiting.set(message.number, parts)
    parts.push(message.part)
    return
  }
  waiting.delete(message.number)
  const answer = answerTo(message, parts)
  parentPort?.postMessage(answer, handedOver(answer))
})
