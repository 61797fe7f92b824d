import type { DiagnosisInput } from '@spudder/core/verdict/diagnosis'
import { openChecksOf } from './open-checks.ts'

/** Works out what to check next, away from the page that a finger is painting on. */
self.addEventListener(
  'message',
  ({ data }: MessageEvent<{ input: DiagnosisInput; number: number }>) => {
    self.postMessage({ openChecks: openChecksOf(data.input), number: data.number })
  },
)
