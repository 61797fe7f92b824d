import { CoreError } from '../../base/error/index.ts'
import { isNone, none, type None } from '../../base/reference/index.ts'
import { routes, type Route, type StandKind } from '../../stand/plant/index.ts'
import type { Rate } from '../rate/index.ts'
import { findSource, sources, type SourceId } from './find-source.ts'

/** Every row of the rate table, once, in the order of the catalogue. */
export const allRates: readonly Rate[] = [
  ...new Map(
    sources
      .flatMap(({ rates }) => routes.map((route) => rates[route]))
      .flatMap((offered) => (isNone(offered) ? [] : offered.rows))
      .map((rate) => [rate.id, rate]),
  ).values(),
]

/**
 * The rates of practice for a source by a route on a kind of stand, or why there are none.
 * @throws {CoreError} unknown-name for a source that the catalogue has not
 */
export function offeredRates(
  { context, growth }: StandKind,
  route: Route,
  sourceId: SourceId,
): readonly [Rate, ...Rate[]] | None {
  const offered = findSource(sourceId).rates[route]
  if (isNone(offered)) return offered
  const [first, ...others] = offered.rows.filter(
    ({ contexts, growths }) => contexts.includes(context) && (growths?.includes(growth) ?? true),
  )
  return first ? [first, ...others] : none(offered.elsewhere)
}

/** The same as a list; empty where none is good practice. */
export function ratesFor(kind: StandKind, route: Route, sourceId: SourceId): readonly Rate[] {
  const offered = offeredRates(kind, route, sourceId)
  return isNone(offered) ? [] : offered
}

/** The sources that have a row of the rate table. */
export const sourcesWithRate = (rateId: string): readonly SourceId[] =>
  sources
    .filter(({ rates }) =>
      routes.some((route) => {
        const offered = rates[route]
        return !isNone(offered) && offered.rows.some(({ id }) => id === rateId)
      }),
    )
    .map(({ id }) => id)

/**
 * One row of the rate table.
 * @throws {CoreError} unknown-name
 */
export function findRate(id: string): Rate {
  const rate = allRates.find((each) => each.id === id)
  if (!rate) {
    throw new CoreError('rate-unknown', {
      parameter: 'rateId',
      received: id,
    })
  }
  return rate
}

/**
 * The rate of the table, when it is good practice for the source by the route on the kind of stand.
 * @throws {CoreError} unknown-name, not-applicable
 */
export function checkChosenRate(
  kind: StandKind,
  route: Route,
  sourceId: SourceId,
  rateId: string,
): Rate {
  const rate = findRate(rateId)
  if (!ratesFor(kind, route, sourceId).includes(rate)) {
    throw new CoreError('rate-unsuited', {
      parameter: 'rateId',
      received: rate.label,
    })
  }
  return rate
}
