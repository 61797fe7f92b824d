import type { AuditAct, AuditOutcome } from '@spudder/contract/person'
import type { Connection } from '../database/connect.ts'
import { insertAudit } from './audit.repository.ts'
import type { WhereFrom } from './where-from.ts'

/** What is noted beside an act, and of whom. */
export interface Noted {
  readonly act: AuditAct
  readonly outcome?: AuditOutcome
  readonly personId: string | null
  readonly actor: string
  readonly placeId?: string | null
  readonly subject?: string
}

/** The request that something was done by. */
export interface OfRequest extends WhereFrom {
  readonly requestId: string
}

const longest = { actor: 80, subject: 200 } as const

/** Notes what somebody did, or was refused, with where from. */
export async function noteAudit(
  connection: Connection,
  from: OfRequest,
  { act, outcome = 'done', personId, actor, placeId = null, subject = '' }: Noted,
): Promise<void> {
  await insertAudit(connection, {
    at: new Date(),
    personId,
    actor: actor.slice(0, longest.actor),
    placeId,
    act,
    outcome,
    subject: subject.slice(0, longest.subject),
    address: from.address,
    device: from.device,
    requestId: from.requestId,
  })
}
