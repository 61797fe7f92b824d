import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import { findPlant, type Context } from '../../stand/plant/index.ts'
import {
  settingOf,
  type DatedEvent,
  type FeatureName,
  type KnownFeature,
} from '../diagnosis/index.ts'
import type { DrillDone } from './cards.ts'
import { causeOf, drillDay, paintOf, type DrilledCase } from './draw-case.ts'

/** A closed case of a place that greened, as it stood when somebody acted. */
export interface OwnCase {
  readonly caseId: string
  readonly standName: string
  readonly context: Context
  readonly plantId: string
  /** What was treated for when it greened; that is taken for what it was. */
  readonly causeId: string
  /** The look by which somebody acted. */
  readonly lookedOn: Day
  readonly known: readonly KnownFeature[]
  readonly story: readonly DatedEvent[]
  readonly treatments: readonly { readonly appliedName: string; readonly happenedOn: Day }[]
  readonly closedOn: Day
  /** What was written when it was closed. */
  readonly note: string
}

/**
 * An own case as it is drilled: what was known of it is all that can be known.
 * @throws {CoreError} unknown-name for a plant that is not in the list
 * @throws {Error} for a cause that is not there
 */
export function drillOwn({
  context,
  plantId,
  causeId,
  lookedOn,
  known,
  story,
}: OwnCase): DrilledCase {
  const shown = new Map<FeatureName, string>(known.map(({ name, value }) => [name, value]))
  return {
    spec: { kind: 'own', context, plantId, causeId, against: null },
    setting: settingOf(context, findPlant(plantId), {}),
    plants: [
      {
        causes: [causeOf(causeId)],
        paint: paintOf(context, shown),
        answers: shown,
        // A drill knows no season: what happened is told by the days before the look.
        story: story
          .filter(({ happenedOn }) => happenedOn <= lookedOn)
          .map((each) => ({
            ...each,
            happenedOn: addDays(drillDay, -daysBetween(each.happenedOn, lookedOn)),
          })),
        shown,
      },
    ],
  }
}

/** The own case that was answered least, and of those longest ago; undefined where there is none. */
export function chooseOwn(
  cases: readonly OwnCase[],
  done: readonly (Pick<DrillDone, 'answeredOn'> & { readonly caseId: string | undefined })[],
): OwnCase | undefined {
  const timesOf = ({ caseId }: OwnCase) => done.filter((each) => each.caseId === caseId)
  const lastOf = (own: OwnCase) => timesOf(own).at(-1)?.answeredOn ?? ''
  return cases.toSorted(
    (a, b) => timesOf(a).length - timesOf(b).length || lastOf(a).localeCompare(lastOf(b)),
  )[0]
}
