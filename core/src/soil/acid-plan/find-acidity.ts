import { CoreError } from '../../base/error/index.ts'
import { findSource, type SourceId } from '../../material/source/index.ts'
import { acidities, type Acidity } from './data/acidity.ts'
import type { LimitedKind } from './data/situations.ts'

/**
 * What an amendment does to pH.
 * @throws {CoreError} unknown-name for what does not move it
 */
export function findAcidity(sourceId: string): Acidity {
  const acidity = acidities.find((each) => each.sourceId === sourceId)
  if (acidity) return acidity
  throw new CoreError('unknown-name', {
    parameter: 'sourceId',
    expected: 'an amendment that moves pH',
    received: sourceId,
  })
}

/** Whether a source of the catalogue moves pH. */
export const movesPH = (sourceId: SourceId): boolean =>
  acidities.some((each) => each.sourceId === sourceId)

/** By what an amendment is limited, and how much of that a kilogram of it counts for. */
export function limitedBy(sourceId: SourceId): { kind: LimitedKind; share: number } {
  const { action } = findAcidity(sourceId)
  const { contentShare, nutrient } = findSource(sourceId)
  switch (action) {
    case 'sulfur':
      return { kind: 'sulfur', share: contentShare.usual }
    case 'ammonium':
      return { kind: 'nitrogen', share: contentShare.usual }
    case 'lime':
      return { kind: 'lime', share: 1 }
    default:
      return { kind: nutrient === 'OM' ? 'organic' : 'salt', share: 1 }
  }
}
