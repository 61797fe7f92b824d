import type { CoreErrorCode } from './codes.ts'

/** A way in which input can be wrong: of which code it is, and what would have been right, in words. */
export interface Refusal {
  readonly code: CoreErrorCode
  /** Stands behind "Give": "a number from 0 to 14". */
  // `never` lets each refusal ask for values of its own.
  readonly expected: (values: never) => string
}

/** What other lists say better: units by their dimension, what a rate counts, how a file looks. */
export const asTold = ({ example }: { readonly example: string }): string => example

export const list = (names: readonly string[]): string => names.join(', ')
