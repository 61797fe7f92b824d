import type { Attempts } from '../access/attempts.repository.ts'
import type { Database } from '../database/connect.ts'

/** What people come in on. */
export interface PeopleStage {
  readonly db: Database
  readonly attempts: Attempts
  /** Whether this is the demo, which can be looked at through anybody's eyes. */
  readonly isDemo: boolean
  /** Whether only this machine can reach the server. */
  readonly isPrivate: boolean
  /** Whether letters are sent. */
  readonly canMail: boolean
}
