import { CoreError } from '@spudder/core/base/error'
import { readLaboratoryFile, RowReader } from '@spudder/core/seen/laboratory'
import { readStationFile } from '@spudder/core/days/station'
import { parentPort } from 'node:worker_threads'
import type { Answer, Readings, Task } from './tasks.ts'

/** Reads files of people in a thread of its own, so that a long one keeps nobody else waiting. */
const readers: {
  readonly [Name in keyof Readings]: (task: Readings[Name]['asked']) => Readings[Name]['read']
} = {
  station: ({ text, dayOrder }) => readStationFile(text, { dayOrder }),
  laboratory: ({ text, map, latest }) => {
    const file = readLaboratoryFile(text)
    return new RowReader(file, map, latest).read(0, file.rows.length)
  },
}

function answerTo({ number, name, asked }: Task): Answer {
  try {
    return { number, read: readers[name](asked as never) }
  } catch (error) {
    if (error instanceof CoreError) {
      const { refusal, parameter, received, values } = error
      return { number, refusal: { refusal, parameter, received, values } }
    }
    return { number, failure: error instanceof Error ? error.name : 'Error' }
  }
}

parentPort?.on('message', (task: Task) => parentPort?.postMessage(answerTo(task)))
