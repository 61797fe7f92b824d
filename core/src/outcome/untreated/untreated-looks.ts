import { group } from 'd3-array'
import { daysBetween, type Day } from '../../base/calendar/index.ts'
import { responseFor } from '../../material/source/index.ts'
import type { SeenGreenness } from '../../seen/colour/index.ts'
import type { Eye } from '../../seen/eye/index.ts'
import { seenOnStand, type KeptTreatment, type LearningRecord } from '../learnt/index.ts'
import { fadesWithin } from '../regreening/index.ts'

/** A colour in which no treatment shows. */
export interface UntreatedLook extends SeenGreenness {
  readonly standId: string
  /** Whether it is of a strip left untreated, or of the stand before anything was put out. */
  readonly isOfStrip: boolean
}

/** Whether leaves give up their green by themselves on a day. */
export type Resting = (standId: string, day: Day) => boolean

type Stand = LearningRecord['stands'][number]

/** Whether something that was put out may still be seen on a day; on its own day it is not yet. */
function showsOn(day: Day, treatments: readonly KeptTreatment[], { context }: Stand): boolean {
  return treatments.some(({ appliedOn, route, sourceId }) => {
    const since = daysBetween(appliedOn, day)
    return since > 0 && since <= fadesWithin(responseFor(route, sourceId, context))
  })
}

/**
 * The colours of a place in which no treatment of a case shows: of untreated strips, and of stands for which
 * whatever was put out has faded for certain. Plants at rest tell nothing.
 * @param eyes by which ratings are put right; none: they are taken as they were said
 * @returns in the order of days, stand by stand
 * @throws {CoreError} source-without-response
 */
export function untreatedLooks(
  { stands, colours, treatments }: LearningRecord,
  eyes: readonly Eye[],
  isResting: Resting,
): readonly UntreatedLook[] {
  const coloursOf = group(colours, ({ standId }) => standId)
  const treatmentsOf = group(treatments, ({ standId }) => standId)
  return stands.flatMap((stand) => {
    const { own, strip } = seenOnStand(coloursOf.get(stand.id) ?? [], eyes)
    const put = treatmentsOf.get(stand.id) ?? []
    const told = (isOfStrip: boolean) => (look: SeenGreenness) => ({
      ...look,
      standId: stand.id,
      isOfStrip,
    })
    return [
      ...own.filter(({ day }) => !showsOn(day, put, stand)).map(told(false)),
      ...strip.map(told(true)),
    ].filter(({ day }) => !isResting(stand.id, day))
  })
}
