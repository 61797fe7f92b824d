import { noteAudit, type Noted } from '../access/audit.ts'
import { beginSession } from '../access/session.service.ts'
import type { PersonRow } from '../access/session.repository.ts'
import type { Visit, Visitor } from '../access/visitor.ts'
import { updateSession } from '../access/session.repository.ts'
import type { Connection } from '../database/connect.ts'
import { ServiceError } from '../problem/service-error.ts'

/** @throws {ServiceError} sign-in-needed: a route that everybody may call was meant for a person */
export function requireVisitor({ visitor }: Visit): Visitor {
  if (!visitor) throw new ServiceError('sign-in-needed', 'Sign in, then do it again.')
  return visitor
}

/** Notes what somebody did with what is their own. */
export const noteOf = (
  connection: Connection,
  { from }: Visit,
  { id: personId, name: actor }: PersonRow,
  noted: Pick<Noted, 'act' | 'outcome' | 'subject' | 'placeId'>,
) => noteAudit(connection, from, { personId, actor, ...noted })

/**
 * Lets somebody in on a device, under a new secret. Whatever sign-in the device showed before ends: nobody
 * who planted one goes on with it.
 */
export async function letIn(
  connection: Connection,
  visit: Visit,
  person: PersonRow,
  how: string,
): Promise<void> {
  const former = visit.visitor?.sessionId
  if (former) await updateSession(connection, former, { isEnded: true })
  const { secret } = await beginSession(connection, person.id, visit.from)
  visit.keepSecret(secret)
  await noteOf(connection, visit, person, { act: 'signed-in', subject: how })
}
