import type { ProblemFieldDto } from '@spudder/contract/problem'

export type ServiceErrorCode =
  | 'invalid-body'
  | 'body-unreadable'
  | 'not-found'
  | 'conflict'
  | 'too-large'
  | 'busy'
  | 'wrong-host'
  | 'sign-in-needed'
  | 'sign-in-failed'
  | 'code-needed'
  | 'not-allowed'
  | 'too-often'
  | 'practice-off'
  | 'changed-meanwhile'

/** A request that cannot be done as asked, with words for the person who asked. */
export class ServiceError extends Error {
  readonly code: ServiceErrorCode
  readonly fields: readonly ProblemFieldDto[]
  /** The state that is stored now, where somebody saw an older one. */
  readonly version: number | undefined

  constructor(
    code: ServiceErrorCode,
    message: string,
    fields: readonly ProblemFieldDto[] = [],
    version?: number,
  ) {
    super(message)
    this.name = 'ServiceError'
    this.code = code
    this.fields = fields
    this.version = version
  }
}
