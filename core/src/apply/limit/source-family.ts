import { findSource, sourceKinds, type SourceId } from '../../material/source/index.ts'

/** How a source hurts: big chelates for soil, other held metals, open salts, slow solids, lime. */
export type SourceFamily = 'strong' | 'held' | 'salt' | 'slow' | 'lime'

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
