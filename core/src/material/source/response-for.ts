import { CoreError } from '../../base/error/index.ts'
import type { Context, Route } from '../../stand/plant/index.ts'
import { responseRules, type Response } from './data/responses.ts'
import type { SourceId } from './find-source.ts'

/**
 * How leaf colour is expected to answer a source by a route in a context.
 * @throws {CoreError} not-applicable where nothing is known of it
 */
export function responseFor(route: Route, sourceId: SourceId, context: Context): Response {
  const rule = responseRules.find(
    (each) =>
      each.route === route &&
      (each.sourceIds?.includes(sourceId) ?? true) &&
      (each.contexts?.includes(context) ?? true),
  )
  if (!rule) {
    throw new CoreError('not-applicable', {
      parameter: 'route',
      expected: 'a route with a known response',
      received: route,
    })
  }
  return rule.response
}
