import { CoreError } from '../../base/error/index.ts'
import { isNone } from '../../base/reference/index.ts'
import type { Context, Route } from '../../stand/plant/index.ts'
import type { Response } from './facts/response.ts'
import { findSource, type SourceId } from './find-source.ts'

/**
 * How leaf colour is expected to answer a source by a route in a context.
 * @throws {CoreError} unknown-name, not-applicable for what greens no leaf by itself
 */
export function responseFor(route: Route, sourceId: SourceId, context: Context): Response {
  const responses = findSource(sourceId).responses[route]
  if (isNone(responses)) {
    throw new CoreError('source-without-response', {
      parameter: 'sourceId',
      received: `${sourceId}: ${responses.none}`,
    })
  }
  return responses.on[context] ?? responses.usual
}
