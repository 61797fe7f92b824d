import { readPhoto, type PhotoQuestion } from './photo-reading.ts'

/** Reads photos away from the page, one after the other. */
self.addEventListener('message', ({ data }: MessageEvent<PhotoQuestion>) => {
  void readPhoto(data).then((answer) => self.postMessage(answer))
})
