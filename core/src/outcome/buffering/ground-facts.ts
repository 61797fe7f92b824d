import type { Day } from '../../base/calendar/index.ts'
import { doubtOf, pHOn, waterPH, type Reading, type ReadingKind } from '../../seen/reading/index.ts'
import { spotDoubt, type AcidGroundFacts } from '../../soil/acid-plan/index.ts'
import type { MeasuredPH } from '../../soil/pH-path/index.ts'
import type { BufferTest } from '../../soil/soil/index.ts'
import { storyOf, type ToldEvent } from '../../verdict/diagnosis/index.ts'

/** What was measured on a stand and what happened to it. */
export interface GroundStory {
  /** In the order of their days. */
  readonly readings: readonly Reading[]
  readonly events: readonly ToldEvent[]
}

/** The newest reading of a kind; a healthy patch says nothing of the ground to be moved. */
export const newestOf = <Of extends Reading>(
  { readings }: { readonly readings: readonly Of[] },
  kind: ReadingKind,
): Of | undefined =>
  readings.findLast((reading) => reading.kind === kind && reading.place !== 'healthy')

/** The pH that a new plan would start from, on a day. */
export const pHToStartFrom = (story: GroundStory, day: Day) =>
  pHOn(day, storyOf(day, story.readings, story.events).pHHistory)

/**
 * What readings say of the ground.
 * @param bufferTest in which buffer its buffer pH was read; empty: nobody said, so that it tells nothing
 */
export function groundReadings(
  story: GroundStory,
  bufferTest: BufferTest | '',
): Partial<Omit<AcidGroundFacts, 'pH' | 'pHDoubt' | 'depthM'>> {
  const valueOf = (kind: ReadingKind) => newestOf(story, kind)?.value
  const lime = newestOf(story, 'calciumCarbonate')
  const buffer = newestOf(story, 'bufferPH')
  const then = buffer && pHToStartFrom(story, buffer.takenOn)
  return {
    clayPercent: valueOf('clay'),
    organicPercent: valueOf('organicMatter'),
    cecCmolPerKg: valueOf('cec'),
    densityKgPerL: valueOf('bulkDensity'),
    measured: lime && { percent: lime.value, doubt: doubtOf(lime) },
    bufferTest:
      bufferTest !== '' && buffer && then
        ? { test: bufferTest, bufferPH: buffer.value, soilPH: then.pH }
        : undefined,
  }
}

/** pH measured since a plan began. */
export const retestsSince = (
  { readings }: Pick<GroundStory, 'readings'>,
  startsOn: Day,
): readonly MeasuredPH[] =>
  readings
    .filter(
      ({ kind, takenOn, place }) =>
        kind === 'pH' && takenOn > startsOn && place !== 'healthy' && place !== 'supply',
    )
    .map((reading) => ({
      day: reading.takenOn,
      pH: waterPH(reading),
      doubt: Math.hypot(doubtOf(reading), spotDoubt.value),
    }))
