import { labelCourse, type LabelShare } from '../label/index.ts'
import { workingCourse, type Medium } from '../persistence/index.ts'
import type { Route } from '../../stand/plant/index.ts'
import type { Candidate } from './candidate.ts'

/** Share of a candidate's iron that works, on a day or as a mean over days [1]. */
export interface CandidateCourse {
  at(day: number): LabelShare
  mean(days: number): LabelShare
}

const nothing: LabelShare = { low: 0, usual: 0, high: 0 }

/**
 * How much of a candidate's iron works by a route. A label of one source needs no programme; one of
 * several is taken over every split that it allows, none where it is impossible.
 * @throws {CoreError} out-of-range, not-a-number
 */
export function courseOf(
  { label, isPossible }: Candidate,
  route: Route,
  medium: Medium,
): CandidateCourse {
  if (!isPossible) return { at: () => nothing, mean: () => nothing }
  const [only, ...others] = label.sourceIds
  const isAllOrUnsaid = (part: number | undefined) => part === undefined || part === label.iron
  const isWhole = isAllOrUnsaid(label.chelated) && isAllOrUnsaid(label.waterSoluble)
  if (only && others.length === 0 && isWhole) {
    const declared = label.orthoOrtho === undefined ? undefined : label.orthoOrtho / label.iron
    return workingCourse(only, route, medium, declared)
  }
  const course = labelCourse(label, { route, medium })
  return {
    at: (day) => course.at(day) ?? nothing,
    mean: (days) => course.mean(days) ?? nothing,
  }
}
