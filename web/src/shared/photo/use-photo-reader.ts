import type { Dab, PhotoMeasure } from '@spudder/core/seen/photo'
import { getCurrentScope, onScopeDispose } from 'vue'
import { WorkerPort } from '../worker/worker-port.ts'
import type { PhotoAnswer, PhotoQuestion } from './photo-reading.ts'

/** Why a photo was not measured, in words for the page. */
export class PhotoRefused extends Error {}

/** Reads photos in a worker that is started with the first one and ended with its screen. */
export function usePhotoReader() {
  const port = new WorkerPort<PhotoQuestion, never, PhotoAnswer>(
    () => new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' }),
  )

  /** @throws {PhotoRefused} with words that say what to do */
  async function read(picture: Blob, dabs: readonly Dab[] = []): Promise<PhotoMeasure> {
    const answer = await port
      .ask({ picture, dabs: dabs.map((dab) => ({ ...dab })) })
      .catch(() => undefined)
    if (!answer) throw new PhotoRefused('It could not be measured. It is kept; measure it again.')
    if ('refused' in answer) throw new PhotoRefused(answer.refused)
    return answer.measure
  }
  const stop = () => port.stop()

  if (getCurrentScope()) onScopeDispose(stop)
  return { read, stop }
}
