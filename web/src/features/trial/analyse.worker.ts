import { analyse, type AnalysisQuestion } from './analyse.ts'

self.addEventListener('message', ({ data }: MessageEvent<AnalysisQuestion>) =>
  self.postMessage(analyse(data)),
)
