import type { StandStoryDto } from '@spudder/contract/stand'
import { spotDoubt, type AcidGroundFacts } from '@spudder/core/soil/acid-plan'
import type { Day } from '@spudder/core/base/calendar'
import type { MeasuredPH } from '@spudder/core/soil/pH-path'
import { doubtOf, pHOn, waterPH, type ReadingKind } from '@spudder/core/seen/reading'
import { storyOf } from '@spudder/core/verdict/diagnosis'
import type { BufferTest } from '@spudder/core/soil/soil'

type Story = Pick<StandStoryDto, 'readings' | 'events'>

/** The newest reading of a kind; a healthy patch says nothing of the ground to be moved. */
export const newestOf = ({ readings }: Pick<Story, 'readings'>, kind: ReadingKind) =>
  readings.findLast((reading) => reading.kind === kind && reading.place !== 'healthy')

/** What readings say of the ground. */
export function groundReadings(
  story: Story,
  bufferTest: BufferTest | '',
): Partial<Omit<AcidGroundFacts, 'pH' | 'pHDoubt' | 'depthM'>> {
  const valueOf = (kind: ReadingKind) => newestOf(story, kind)?.value
  const lime = newestOf(story, 'calciumCarbonate')
  const buffer = newestOf(story, 'bufferPH')
  const then = buffer && pHOn(buffer.takenOn, storyOf(buffer.takenOn, story.readings, story.events).pHHistory) // prettier-ignore
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

/** The pH that a new plan would start from, on a day. */
export function pHToStartFrom(story: Story, day: Day) {
  return pHOn(day, storyOf(day, story.readings, story.events).pHHistory)
}

/** pH measured since a plan began. */
export const retestsSince = ({ readings }: Story, startsOn: Day): readonly MeasuredPH[] =>
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
