import { isOfStand, readingKinds, type Reading } from '../../seen/reading/index.ts'
import { answeredChecks } from '../../verdict/diagnosis/index.ts'
import type { JobKind } from './job-kinds.ts'

/** Jobs that are done once a reading has come in. */
export interface DoneByReading {
  /** Kind of the jobs due by its day that it does; undefined where it does none. */
  readonly kind: JobKind | undefined
  /** Checks of the verdict that it answers. */
  readonly checkIds: readonly string[]
}

/**
 * What a reading does beside being kept: the colour of the stand itself is a look, a pH is a test;
 * a strip that is left for comparing does neither.
 */
export function doneByReading(reading: Pick<Reading, 'kind' | 'place'>): DoneByReading {
  const { does } = readingKinds[reading.kind]
  return {
    kind: does !== 'look' || isOfStand(reading) ? does : undefined,
    checkIds: answeredChecks([], [reading.kind]),
  }
}
