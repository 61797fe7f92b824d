import { isNone, type Sourced } from '../../base/reference/index.ts'
import {
  findSource,
  urgencies,
  type Source,
  type SourceId,
  type Urgency,
} from '../../material/source/index.ts'
import type { Context, Route } from '../../stand/plant/index.ts'
import { cautions, type CautionedKind, type Hazard } from './data/cautions.ts'

/** The work that cautions are asked for. */
export interface CautionedWork {
  readonly context: Context
  readonly route: Route
  readonly sourceId: SourceId
  readonly hazards?: readonly Hazard[]
}

/** A caution as it is said at a piece of work. */
export interface Caution extends Sourced {
  readonly id: string
  readonly urgency: Urgency
  readonly words: string
}

const isOf: Readonly<Record<CautionedKind, (source: Source) => boolean>> = {
  iron: ({ nutrient }) => nutrient === 'Fe',
  'what goes into a tank': ({ kind }) => kind !== 'amendment',
}

/**
 * The cautions that belong at a piece of work, of the work and of its source, the most pressing
 * first: what the law asks, what poisons, injures, burns, and last what spoils.
 * @throws {CoreError} unknown-name
 */
export function cautionsFor({
  context,
  route,
  sourceId,
  hazards = [],
}: CautionedWork): readonly Caution[] {
  const source = findSource(sourceId)
  const ofWork = cautions.filter(
    ({ about, contexts, routes, of }) =>
      (about === undefined || hazards.includes(about)) &&
      (contexts?.includes(context) ?? true) &&
      (routes?.includes(route) ?? true) &&
      (of === undefined || isOf[of](source)),
  )
  const ofSource = isNone(source.cautions)
    ? []
    : source.cautions.filter(({ routes }) => isNone(routes) || routes.includes(route))
  return [...ofWork, ...ofSource].toSorted(
    (a, b) => urgencies.indexOf(a.urgency) - urgencies.indexOf(b.urgency),
  )
}
