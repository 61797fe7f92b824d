import { roleWords } from '@spudder/contract/access'
import type { ChangeMemberDto, MemberDto } from '@spudder/contract/person'
import {
  deleteMembership,
  lockOwners,
  putMembership,
  selectMembers,
} from '../access/membership.repository.ts'
import type { Visit } from '../access/visitor.ts'
import { recordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { withdrawTokens } from './person.repository.ts'
import { noteOf, requireVisitor } from './signed-in.ts'
import type { PeopleStage } from './stage.ts'

export const findMembers = async (
  { db }: Pick<PeopleStage, 'db'>,
  placeId: string,
): Promise<MemberDto[]> =>
  (await selectMembers(db, placeId)).map(({ membership, person, seenAt }) => ({
    placeId,
    personId: person.id,
    name: person.name,
    role: membership.role,
    untilDay: membership.untilDay,
    licenceNumber: person.licenceNumber,
    licenceExpiresOn: person.licenceExpiresOn,
    seenAt: seenAt === null ? null : new Date(`${seenAt}Z`).toISOString(),
  }))

/**
 * Gives somebody another role, another last day, or takes them off the place.
 * @throws {ServiceError} not-found for who is nobody there; conflict where no owner would be left
 */
export async function changeMember(
  { db }: PeopleStage,
  { visit, recorder }: { readonly visit: Visit; readonly recorder: Recorder },
  { placeId, personId }: { readonly placeId: string; readonly personId: string },
  { role, untilDay, isGone }: ChangeMemberDto,
): Promise<MemberDto[]> {
  const { person: me } = requireVisitor(visit)
  await db.transaction(async (transaction) => {
    // Held first: two owners who take each other off leave one.
    const owners = await lockOwners(transaction, placeId)
    const members = await selectMembers(transaction, placeId)
    const member = members.find(({ person }) => person.id === personId)
    if (!member) throw new ServiceError('not-found', 'There is nobody like that at this place.')
    const next = {
      role: role ?? member.membership.role,
      untilDay: untilDay === undefined ? member.membership.untilDay : untilDay,
    }
    const isLastOwner = owners.every((owner) => owner.personId === personId)
    const staysOwner = isGone !== true && next.role === 'owner' && next.untilDay === null
    if (isLastOwner && !staysOwner)
      throw new ServiceError('conflict', 'A place needs an owner: make somebody else one first.')
    if (isGone) {
      await deleteMembership(transaction, personId, placeId)
      await withdrawTokens(transaction, placeId, { personId })
    } else await putMembership(transaction, { personId, placeId, ...next, ...recordedBy(recorder) })
    await noteOf(transaction, visit, me, {
      act: isGone ? 'left' : 'role-changed',
      placeId,
      subject: isGone ? member.person.name : `${member.person.name}: ${roleWords[next.role].name}`,
    })
  })
  return findMembers({ db }, placeId)
}
