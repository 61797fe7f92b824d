import {
  findAcidity,
  findSource,
  type LimitedKind,
  type SourceId,
} from '../../material/source/index.ts'

/** What of a material its limits count: sulfur and nitrogen by element, the rest as bought. */
const countedShare: Readonly<Record<LimitedKind, (contentShare: number) => number>> = {
  sulfur: (contentShare) => contentShare,
  nitrogen: (contentShare) => contentShare,
  salt: () => 1,
  'iron salt': () => 1,
  organic: () => 1,
  lime: () => 1,
}

/**
 * By what an amendment is limited, and how much of that a kilogram of it counts for [1].
 * @throws {CoreError} unknown-name for what does not move pH
 */
export function limitedBy(sourceId: SourceId): {
  readonly kind: LimitedKind
  readonly share: number
} {
  const { limitedAs: kind } = findAcidity(sourceId)
  return { kind, share: countedShare[kind](findSource(sourceId).contentShare.usual) }
}
