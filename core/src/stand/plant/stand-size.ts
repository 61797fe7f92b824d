import { CoreError, requireInRange } from '../../base/error/index.ts'
import { contexts, type Context } from './data/contexts.ts'

/** How big a stand is: what amounts are calculated by. */
export type StandSize =
  | { readonly kind: 'area'; readonly areaM2: number }
  | { readonly kind: 'trunks'; readonly count: number; readonly diameterM: number }
  | { readonly kind: 'pots'; readonly count: number; readonly potL: number }
  | { readonly kind: 'solution'; readonly volumeL: number }

export type SizeKind = StandSize['kind']
export const sizeKinds = ['area', 'trunks', 'pots', 'solution'] as const satisfies SizeKind[]

/** Bounds of every measure of a size, shared with the forms. */
export const sizeBounds = {
  areaM2: { min: 0.1, max: 1e8, unit: 'm²' },
  count: { min: 1, max: 1e6 },
  diameterM: { min: 0.005, max: 5, unit: 'm' },
  potL: { min: 0.02, max: 5000, unit: 'L' },
  volumeL: { min: 1, max: 1e7, unit: 'L' },
} as const

/**
 * Returns the size when its measures are possible and its kind suits the context.
 * @throws {CoreError} out-of-range, not-a-number, not-applicable
 */
export function checkStandSize(context: Context, size: StandSize): StandSize {
  const kinds: readonly SizeKind[] = contexts[context].sizeKinds
  if (!kinds.includes(size.kind)) {
    throw new CoreError('size-of-other-kind', {
      parameter: 'size',
      values: { kinds, context: contexts[context].label.toLowerCase() },
      received: size.kind,
    })
  }
  for (const [name, bounds] of Object.entries(sizeBounds)) {
    const value = (size as unknown as Record<string, number | undefined>)[name]
    if (value !== undefined) requireInRange(name, value, bounds)
  }
  return size
}

/** A size as it is stored and sent: which measures it has follows from its kind. */
export interface StoredSize {
  readonly kind: SizeKind
  readonly areaM2?: number | undefined
  readonly count?: number | undefined
  readonly diameterM?: number | undefined
  readonly potL?: number | undefined
  readonly volumeL?: number | undefined
}
