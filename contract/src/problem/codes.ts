import type { CoreErrorCode } from '@spudder/core/base/error'

/** Every code that a problem can carry: those of the core and those of the service around it. */
export type ProblemCode =
  | CoreErrorCode
  | 'invalid-body'
  | 'body-unreadable'
  | 'not-found'
  | 'conflict'
  | 'too-large'
  | 'wrong-host'
  | 'sign-in-needed'
  | 'sign-in-failed'
  | 'code-needed'
  | 'not-allowed'
  | 'too-often'
  | 'practice-off'
  | 'changed-meanwhile'
  | 'busy'
  | 'unavailable'
  | 'internal'
