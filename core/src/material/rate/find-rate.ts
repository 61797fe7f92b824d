import type { SourceId } from '../source/index.ts'
import { CoreError } from '../../base/error/index.ts'
import type { Context, Route } from '../../stand/plant/index.ts'
import { otherRates } from './data/other-rates.ts'
import { rates as ironRates, type Rate } from './data/rates.ts'

/** Every row of the rate table. */
export const allRates: readonly Rate[] = [...ironRates, ...otherRates]

/** The rates known for a source by a route in a context; empty where none is good practice. */
export function ratesFor(context: Context, route: Route, sourceId: SourceId): readonly Rate[] {
  return allRates.filter(
    (rate) =>
      rate.route === route && rate.contexts.includes(context) && rate.sourceIds.includes(sourceId),
  )
}

/**
 * One row of the rate table.
 * @throws {CoreError} unknown-name
 */
export function findRate(id: string): Rate {
  const rate = allRates.find((each) => each.id === id)
  if (!rate) {
    throw new CoreError('unknown-name', {
      parameter: 'rateId',
      expected: 'a rate of the table',
      received: id,
    })
  }
  return rate
}

/**
 * The rate of the table, when it is good practice for the source by the route in the context.
 * @throws {CoreError} unknown-name, not-applicable
 */
export function checkChosenRate(
  context: Context,
  route: Route,
  sourceId: SourceId,
  rateId: string,
): Rate {
  const rate = findRate(rateId)
  if (!ratesFor(context, route, sourceId).includes(rate)) {
    throw new CoreError('not-applicable', {
      parameter: 'rateId',
      expected: 'a rate that suits this source, route and kind of stand',
      received: rate.label,
    })
  }
  return rate
}
