import { group } from 'd3-array'
import { daysBetween, type Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import { responseFor, type SourceId } from '../../material/source/index.ts'
import { greennessReading, lookHolds, type SeenGreenness } from '../../seen/colour/index.ts'
import { seenWith, type Eye } from '../../seen/eye/index.ts'
import {
  isOfStand,
  type ColourReadingKind,
  type ReadingMethod,
  type ReadingPlace,
} from '../../seen/reading/index.ts'
import type { Context, Route } from '../../stand/plant/index.ts'
import { fadesWithin, lastOfShares } from '../regreening/index.ts'
import type { SeenTreatment } from './learn-responses.ts'

/** A colour of a stand, or of a strip of it, as the record keeps it. */
export interface KeptColour {
  readonly standId: string
  readonly kind: ColourReadingKind
  readonly value: number
  readonly method: ReadingMethod
  readonly takenOn: Day
  readonly doubt?: number | null | undefined
  readonly place?: ReadingPlace | null | undefined
  readonly ratedBy?: string | undefined
}

/** Something that was put out to green a stand. */
export interface KeptTreatment {
  readonly entryId: string
  readonly standId: string
  readonly appliedOn: Day
  readonly route: Route
  readonly sourceId: SourceId
}

/** All of a place that teaches how leaves answer. */
export interface LearningRecord {
  readonly stands: readonly { readonly id: string; readonly context: Context }[]
  readonly colours: readonly KeptColour[]
  readonly treatments: readonly KeptTreatment[]
}

const seenOf = (colours: readonly KeptColour[], eyes: readonly Eye[]): SeenGreenness[] =>
  colours
    .map((colour) => ({ day: colour.takenOn, ...greennessReading(seenWith(eyes, colour)) }))
    .toSorted((a, b) => a.day.localeCompare(b.day))

/**
 * Colours of a stand, and of an untreated strip on it, each in the order of days.
 * @param colours of one stand
 * @param eyes by which ratings are put right; none: they are taken as they were said
 */
export const seenOnStand = (colours: readonly KeptColour[], eyes: readonly Eye[]) => ({
  own: seenOf(colours.filter(isOfStand), eyes),
  strip: seenOf(
    colours.filter(({ place }) => place === 'untreated'),
    eyes,
  ),
})

function treatmentsOf(
  treatments: readonly KeptTreatment[],
  colours: readonly KeptColour[],
  context: Context,
  eyes: readonly Eye[],
): SeenTreatment[] {
  const { own, strip } = seenOnStand(colours, eyes)
  const inOrder = lastOfShares(treatments.map((each) => ({ ...each, day: each.appliedOn })))
  return inOrder.flatMap(({ entryId, standId, appliedOn, route, sourceId }, index) => {
    const response = responseFor(route, sourceId, context)
    const before = own.findLast(({ day }) => day <= appliedOn)
    if (!before || daysBetween(before.day, appliedOn) > lookHolds.value) return []
    // What came after the next treatment is of both, and taught by neither.
    const next = inOrder[index + 1]?.appliedOn
    const most = fadesWithin(response)
    const counts = ({ day }: SeenGreenness) =>
      day > appliedOn && (next === undefined || day <= next) && daysBetween(appliedOn, day) <= most
    const seen = own.filter(counts)
    const untreated = strip.filter(counts)
    return [{ entryId, standId, response, appliedOn, before, seen, untreated }]
  })
}

/**
 * The treatments of a place that somebody looked at before, each with the colours seen since.
 * @param eyes by which ratings are put right; none: they are taken as they were said
 * @throws {CoreError} group-unknown for a treatment of a stand that is not there; source-without-response
 */
export function seenTreatments(
  { stands, colours, treatments }: LearningRecord,
  eyes: readonly Eye[],
): SeenTreatment[] {
  const contexts = new Map(stands.map(({ id, context }) => [id, context]))
  const coloursOf = group(colours, ({ standId }) => standId)
  return [...group(treatments, ({ standId }) => standId)].flatMap(([standId, own]) => {
    const context = contexts.get(standId)
    if (!context)
      throw new CoreError('group-unknown', { parameter: 'treatments', received: standId })
    return treatmentsOf(own, coloursOf.get(standId) ?? [], context, eyes)
  })
}
