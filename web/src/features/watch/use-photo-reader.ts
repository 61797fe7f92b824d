import type { Dab, PhotoMeasure } from '@spudder/core/seen/photo'
import { getCurrentScope, onScopeDispose } from 'vue'
import type { PhotoAnswer, PhotoQuestion } from './photo-reading.ts'

/** Why a photo was not measured, in words for the page. */
export class PhotoRefused extends Error {}

/** Reads photos in a worker that is started with the first one and ended with its screen. */
export function usePhotoReader() {
  let worker: Worker | undefined
  let asked = 0
  const waiting = new Map<number, (answer: PhotoAnswer) => void>()

  function started(): Worker {
    if (worker) return worker
    worker = new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' })
    worker.addEventListener('message', ({ data }: MessageEvent<PhotoAnswer>) => {
      waiting.get(data.number)?.(data)
      waiting.delete(data.number)
    })
    worker.addEventListener('error', () =>
      stop('The picture could not be measured. Load the page again.'),
    )
    return worker
  }

  /** Ends what is being read; whoever waits is told why. */
  function stop(refused = 'stopped'): void {
    worker?.terminate()
    worker = undefined
    for (const [number, answer] of waiting) answer({ number, refused })
    waiting.clear()
  }

  /** @throws {PhotoRefused} with words that say what to do */
  async function read(picture: Blob, dabs: readonly Dab[] = []): Promise<PhotoMeasure> {
    const number = ++asked
    const question: PhotoQuestion = { number, picture, dabs: dabs.map((dab) => ({ ...dab })) }
    const answer = await new Promise<PhotoAnswer>((resolve) => {
      waiting.set(number, resolve)
      started().postMessage(question)
    })
    if ('refused' in answer) throw new PhotoRefused(answer.refused)
    return answer.measure
  }

  if (getCurrentScope()) onScopeDispose(() => stop())
  return { read, stop }
}
