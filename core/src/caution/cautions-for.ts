import type { SourceId } from '../source/index.ts'
import type { Context, Route } from '../plant/index.ts'
import { cautions, type Caution } from './data/cautions.ts'

/** The work that cautions are asked for. */
export interface CautionedWork {
  readonly context: Context
  readonly route: Route
  readonly sourceId: SourceId
}

/** The cautions that belong at a piece of work, most pressing first. */
export function cautionsFor({ context, route, sourceId }: CautionedWork): readonly Caution[] {
  return cautions.filter(
    (caution) =>
      (caution.contexts?.includes(context) ?? true) &&
      (caution.routes?.includes(route) ?? true) &&
      (caution.sourceIds?.includes(sourceId) ?? true),
  )
}
