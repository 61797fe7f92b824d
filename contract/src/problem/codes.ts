import type { CoreErrorCode } from '@spudder/core/error'

/** Every code that a problem can carry: those of the core and those of the service around it. */
export const serviceProblemCodes = [
  'invalid-body',
  'body-unreadable',
  'not-found',
  'conflict',
  'too-large',
  'internal',
] as const

export type ProblemCode = CoreErrorCode | (typeof serviceProblemCodes)[number]
