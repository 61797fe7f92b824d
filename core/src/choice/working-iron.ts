import { labelWorkingShare, shareAt, type LabelShare, type When } from '../label/index.ts'
import { workingCourse, type Ground } from '../persistence/index.ts'
import type { Route } from '../plant/index.ts'
import type { Candidate } from './candidate.ts'

const nothing: LabelShare = { low: 0, usual: 0, high: 0 }

/**
 * Share of a candidate's iron that works by a route: on the day of the application or another, or as
 * a mean over days. A label of
 * one source needs no programme; one of several is taken over every split that it allows.
 */
export function workingShareOf(
  { label }: Candidate,
  route: Route,
  ground: Ground,
  when?: When,
): LabelShare {
  const [only, ...others] = label.sourceIds
  const isWhole = label.chelated === undefined || label.chelated === label.iron
  if (only && others.length === 0 && isWhole && label.waterSoluble === undefined) {
    const declared = label.orthoOrtho === undefined ? undefined : label.orthoOrtho / label.iron
    return shareAt(workingCourse(only, route, ground, declared), when)
  }
  const work = { route, ground, ...(when === undefined ? {} : { when }) }
  return labelWorkingShare(label, work) ?? nothing
}
