import type { SourceId } from '../../material/source/index.ts'
import type { Context, Route } from '../../stand/plant/index.ts'
import { cautions, type Caution, type Hazard } from './data/cautions.ts'

/** The work that cautions are asked for. */
export interface CautionedWork {
  readonly context: Context
  readonly route: Route
  readonly sourceId: SourceId
  readonly hazards?: readonly Hazard[]
}

/** The cautions that belong at a piece of work, most pressing first. */
export function cautionsFor({
  context,
  route,
  sourceId,
  hazards = [],
}: CautionedWork): readonly Caution[] {
  return cautions.filter(
    (caution) =>
      (caution.about === undefined || hazards.includes(caution.about)) &&
      (caution.contexts?.includes(context) ?? true) &&
      (caution.routes?.includes(route) ?? true) &&
      (caution.sourceIds?.includes(sourceId) ?? true),
  )
}
