import type { Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import type { Eye } from '../../seen/eye/index.ts'
import { restOf } from '../../stand/plant/index.ts'
import type { LearningRecord } from '../learnt/index.ts'
import {
  learnCourse,
  learnUntreated,
  type UntreatedCourse,
  type UntreatedOn,
} from './learn-course.ts'
import { untreatedLooks, type Resting } from './untreated-looks.ts'

/** All of a place that tells how its leaves look where nobody treats them. */
export interface UntreatedRecord extends LearningRecord {
  readonly stands: readonly (LearningRecord['stands'][number] & { readonly plantId: string })[]
}

export interface UntreatedAsked {
  /** By which ratings are put right; none: they are taken as they were said. */
  readonly eyes: readonly Eye[]
  /** Of the place, south negative; without it no plant is taken to rest [°]. */
  readonly latitude: number | undefined
  readonly on: Day
}

function looksOf(record: UntreatedRecord, { eyes, latitude }: UntreatedAsked) {
  const rests = new Map(record.stands.map(({ id, plantId }) => [id, restOf(plantId, latitude)]))
  const isResting: Resting = (standId, day) => {
    const rest = rests.get(standId)
    if (!rest) throw new CoreError('group-unknown', { parameter: 'stands', received: standId })
    return rest(day)
  }
  return { isResting, looks: untreatedLooks(record, eyes, isResting) }
}

/**
 * What a place taught by a day of how its leaves will look where nobody treats them.
 * @throws {CoreError} plant-unknown for a plant that is not in the list, source-without-response
 */
export function untreatedCourse(record: UntreatedRecord, asked: UntreatedAsked): UntreatedCourse {
  const { isResting, looks } = looksOf(record, asked)
  const standIds = record.stands.map(({ id }) => id)
  return learnCourse(looks, { standIds, isResting, on: asked.on })
}

/**
 * What a place taught by a day of how its leaves look on any where nobody treats them.
 * @throws {CoreError} plant-unknown for a plant that is not in the list, source-without-response
 */
export const untreatedOn = (record: UntreatedRecord, asked: UntreatedAsked): UntreatedOn =>
  learnUntreated(looksOf(record, asked).looks, asked.on)
