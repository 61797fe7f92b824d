import type { SessionDto } from '@spudder/contract/person'
import { endSessionOf, selectSessions } from '../access/session.repository.ts'
import { sessionHolds } from '../access/session.service.ts'
import type { Visit } from '../access/visitor.ts'
import { ServiceError } from '../problem/service-error.ts'
import { noteOf, requireVisitor } from './signed-in.ts'
import type { PeopleStage } from './stage.ts'

export async function findSessions({ db }: PeopleStage, visit: Visit): Promise<SessionDto[]> {
  const { person, sessionId } = requireVisitor(visit)
  const since = new Date(Date.now() - sessionHolds.idle)
  return (await selectSessions(db, person.id, since)).map((row) => ({
    id: row.id,
    device: row.device,
    address: row.address,
    createdAt: row.createdAt.toISOString(),
    seenAt: row.seenAt.toISOString(),
    isThis: row.id === sessionId,
  }))
}

/** @throws {ServiceError} not-found for a sign-in that is not one's own, or has ended */
export async function endSession(
  stage: PeopleStage,
  visit: Visit,
  id: string,
): Promise<SessionDto[]> {
  const { person, sessionId } = requireVisitor(visit)
  if (!(await endSessionOf(stage.db, person.id, id)))
    throw new ServiceError('not-found', 'That device is signed out already.')
  if (id === sessionId) visit.keepSecret(null)
  await noteOf(stage.db, visit, person, { act: 'session-ended' })
  return findSessions(stage, visit)
}
