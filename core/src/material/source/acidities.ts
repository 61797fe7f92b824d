import { CoreError } from '../../base/error/index.ts'
import { isNone } from '../../base/reference/index.ts'
import { limitedKinds, type Acidity } from './facts/acidity.ts'
import { findSource, sources, type SourceId } from './find-source.ts'

/** What a source of the catalogue does to pH. */
export interface KnownAcidity extends Acidity {
  readonly sourceId: SourceId
}

/** Every source that moves pH, in the order of practice: sulfur, salts, feeds, litter, lime. */
export const acidities: readonly KnownAcidity[] = sources
  .flatMap(({ id, acidity }) => (isNone(acidity) ? [] : [{ sourceId: id, ...acidity }]))
  .toSorted((a, b) => limitedKinds.indexOf(a.limitedAs) - limitedKinds.indexOf(b.limitedAs))

/** Whether it brings pH down; it brings it up otherwise. */
export const isAcid = ({ molPerKg }: Acidity): boolean => molPerKg.usual > 0

/**
 * What an amendment does to pH.
 * @throws {CoreError} unknown-name for what does not move it
 */
export function findAcidity(sourceId: string): KnownAcidity {
  const acidity = acidities.find((each) => each.sourceId === sourceId)
  if (acidity) return acidity
  throw new CoreError('amendment-unknown', {
    parameter: 'sourceId',
    received: sourceId,
  })
}

/** Whether a source of the catalogue moves pH. */
export const movesPH = (sourceId: SourceId): boolean =>
  acidities.some((each) => each.sourceId === sourceId)

/**
 * The feed that sours the ground most for its nitrogen.
 * @throws {CoreError} unknown-name where the catalogue has none
 */
export function sourestFeed(): SourceId {
  const perNitrogen = ({ sourceId, molPerKg }: KnownAcidity) =>
    molPerKg.usual / findSource(sourceId).contentShare.usual
  const [sourest] = acidities
    .filter(({ action }) => action === 'ammonium')
    .toSorted((a, b) => perNitrogen(b) - perNitrogen(a))
  return (sourest ?? findAcidity('ammonium')).sourceId
}

/**
 * The amendment that is taken first where nobody chose one.
 * @throws {CoreError} unknown-name where the catalogue has none
 */
export function firstAmendment(direction: 'down' | 'up'): SourceId {
  const first = acidities.find(
    (each) => each.isFirstChoice && isAcid(each) === (direction === 'down'),
  )
  return (first ?? findAcidity(direction)).sourceId
}
