import { findSource, sourceKinds, type SourceId } from '../../material/source/index.ts'

/** How a source hurts, in the words of who buys it. */
export const sourceFamilies = {
  strong: 'EDDHA and its like',
  held: 'other chelates and complexes',
  salt: 'salts',
  slow: 'slow granules',
  lime: 'lime',
} as const
export type SourceFamily = keyof typeof sourceFamilies

/**
 * @throws {CoreError} unknown-name
 */
export function familyOf(sourceId: SourceId): SourceFamily {
  const source = findSource(sourceId)
  if ('groundPH' in source && source.groundPH === 'raises') return 'lime'
  if ('leaf' in source && source.leaf.isTooBig) return 'strong'
  if (!sourceKinds[source.kind].dissolves) return 'slow'
  return sourceKinds[source.kind].inTank
}
