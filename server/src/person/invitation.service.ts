import { dateToDay } from '@spudder/core/base/calendar'
import type {
  AcceptInvitationDto,
  DoneDto,
  InvitationDto,
  InvitationMadeDto,
  InvitationViewDto,
  InviteDto,
} from '@spudder/contract/person'
import { randomUUID } from 'node:crypto'
import { newPerson } from '../access/make-owner.ts'
import {
  insertPerson,
  putInstallation,
  putMembership,
  selectMembers,
  selectMembership,
} from '../access/membership.repository.ts'
import { fingerprintOf, newSecret } from '../access/secret.ts'
import { endOtherSessions, selectAlone } from '../access/session.repository.ts'
import type { Visit } from '../access/visitor.ts'
import type { Connection, Database } from '../database/connect.ts'
import { recordedBy, recorderAt, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import {
  insertInvitation,
  selectInvitation,
  selectInvitations,
  selectPerson,
  selectPlacesBeyond,
  spendInvitation,
  updatePerson,
  withdrawInvitationOf,
  type InvitationRow,
} from './person.repository.ts'
import { done, giveSignIn } from './sign-in.service.ts'
import { letIn, noteOf, requireVisitor } from './signed-in.ts'
import type { PeopleStage } from './stage.ts'

const dayMs = 86_400_000
/** A link to come in again is for now, not for next month [days]. */
const recoveryDays = 1

/** Who asks, and where to. */
export interface Asking {
  readonly visit: Visit
  readonly recorder: Recorder
  readonly placeId: string
}

const invitationDto = (row: InvitationRow): InvitationDto => ({
  id: row.id,
  kind: row.kind,
  name: row.name,
  role: row.role,
  untilDay: row.untilDay,
  endsAt: row.endsAt.toISOString(),
  usedAt: row.usedAt?.toISOString() ?? null,
  isWithdrawn: row.isWithdrawn,
  createdBy: row.createdBy,
  createdAt: row.createdAt.toISOString(),
})

type Link = Pick<
  InvitationRow,
  'id' | 'kind' | 'placeId' | 'role' | 'untilDay' | 'personId' | 'name'
>

async function makeLink(
  connection: Connection,
  recorder: Recorder,
  link: Link,
  days: number,
): Promise<InvitationMadeDto> {
  const token = newSecret()
  const row = {
    ...link,
    token: fingerprintOf(token),
    endsAt: new Date(recorder.at.getTime() + days * dayMs),
    usedAt: null,
    isWithdrawn: false,
    ...recordedBy(recorder),
  }
  await insertInvitation(connection, row)
  return { ...invitationDto(row), token }
}

export const findInvitations = async (db: Database, placeId: string): Promise<InvitationDto[]> =>
  (await selectInvitations(db, placeId)).map(invitationDto)

export async function invite(
  { db }: PeopleStage,
  { visit, recorder, placeId }: Asking,
  { id, name, role, untilDay = null, days }: InviteDto,
): Promise<InvitationMadeDto> {
  const { person } = requireVisitor(visit)
  const link = { id, kind: 'join', placeId, role, untilDay, personId: null, name } as const
  const made = await makeLink(db, recorder, link, days)
  await noteOf(db, visit, person, { act: 'invited', placeId, subject: `${name} as ${role}` })
  return made
}

/** @throws {ServiceError} not-found for a link that was followed, or is another place's */
export async function withdrawInvitation(
  { db }: PeopleStage,
  { visit, placeId }: Asking,
  id: string,
): Promise<InvitationDto> {
  const { person } = requireVisitor(visit)
  const [{ affectedRows }] = await withdrawInvitationOf(db, placeId, id)
  const row = (await selectInvitations(db, placeId)).find((each) => each.id === id)
  if (!row || affectedRows === 0)
    throw new ServiceError('not-found', 'There is no such link any more.')
  await noteOf(db, visit, person, { act: 'invitation-withdrawn', placeId, subject: row.name })
  return invitationDto(row)
}

/**
 * Makes a link by which somebody comes in again. Whoever has it comes in as them: so it is made only by
 * who owns every place that they work at.
 * @throws {ServiceError} not-found, not-allowed
 */
export async function recover(
  { db }: PeopleStage,
  { visit, recorder, placeId }: Asking,
  personId: string,
): Promise<InvitationMadeDto> {
  const { person: me } = requireVisitor(visit)
  const member = (await selectMembers(db, placeId)).find(({ person }) => person.id === personId)
  if (!member) throw new ServiceError('not-found', 'There is nobody like that at this place.')
  if ((await selectPlacesBeyond(db, personId, me.id)).length > 0)
    throw new ServiceError(
      'not-allowed',
      `${member.person.name} works at places that are not yours too: only who owns them all can do this.`,
    )
  const { name } = member.person
  const link = { id: randomUUID(), kind: 'recover', placeId, role: null, untilDay: null, personId, name } as const // prettier-ignore
  const made = await makeLink(db, recorder, link, recoveryDays)
  await noteOf(db, visit, me, { act: 'recovery-made', placeId, subject: name })
  return made
}

/**
 * Makes a link by which whoever worked alone chooses a password, where the server is reached by others now.
 * @returns the path that it leads to; undefined where nobody works alone
 */
export async function linkForOwner(db: Database): Promise<string | undefined> {
  const person = await selectAlone(db)
  if (!person) return undefined
  const { id: personId, name } = person
  const link = { id: randomUUID(), kind: 'recover', placeId: null, role: null, untilDay: null, personId, name } as const // prettier-ignore
  const { token } = await makeLink(db, recorderAt('the server', new Date()), link, recoveryDays)
  return `/welcome/${token}`
}

async function opened({ db, attempts }: PeopleStage, { from }: Visit, token: string) {
  await attempts.require('link', from.address)
  const found = await selectInvitation(db, fingerprintOf(token), new Date())
  if (found) return found
  await attempts.failed('link', from.address)
  throw new ServiceError(
    'not-found',
    'This link opens nothing: it was followed already, was withdrawn, or is too old. Ask for another.',
  )
}

/** @throws {ServiceError} not-found, too-often */
export async function viewInvitation(
  stage: PeopleStage,
  visit: Visit,
  token: string,
): Promise<InvitationViewDto> {
  const { invitation, placeName } = await opened(stage, visit, token)
  const { kind, name, role, untilDay, createdBy, personId } = invitation
  const person = personId === null ? undefined : await selectPerson(stage.db, personId)
  const signInName = person?.signInName ?? null
  return { kind, name, role, untilDay, createdBy, signInName, placeName: kind === 'join' ? placeName : null } // prettier-ignore
}

const credentialsOf = ({ signInName, password }: AcceptInvitationDto) => {
  if (signInName !== undefined && password !== undefined) return { signInName, password }
  const message = 'Give a sign-in name and a password.'
  throw new ServiceError('invalid-body', message, [
    { field: signInName === undefined ? 'signInName' : 'password', message },
  ])
}

/**
 * Comes in by a link, once: as somebody new, as whoever is signed in, or again as who one was.
 * @throws {ServiceError} not-found, conflict for a sign-in name that somebody has, invalid-body
 */
export async function acceptInvitation(
  stage: PeopleStage,
  visit: Visit,
  token: string,
  dto: AcceptInvitationDto,
): Promise<DoneDto> {
  const { invitation } = await opened(stage, visit, token)
  const isNew = dto.signInName !== undefined || dto.password !== undefined
  const signedIn = isNew || visit.visitor?.key ? undefined : visit.visitor?.person
  await stage.db.transaction(async (transaction) => {
    if (!(await spendInvitation(transaction, invitation.id, new Date())))
      throw new ServiceError('not-found', 'This link was followed already.')
    if (invitation.kind === 'recover') return comeAgain(transaction, visit, invitation, dto)
    const name = dto.name ?? invitation.name
    const person = signedIn ?? newPerson(recorderAt(name, new Date()), name)
    if (!signedIn) {
      await insertPerson(transaction, person)
      await giveSignIn(transaction, person, credentialsOf(dto))
    }
    const { placeId, role, untilDay } = invitation
    if (placeId === null || role === null) throw new Error('an invitation leads nowhere')
    const today = dateToDay(new Date())
    // A link makes nobody less than they are: the last owner would be none.
    if (signedIn && (await selectMembership(transaction, person.id, placeId, today)))
      throw new ServiceError(
        'conflict',
        'You work at this place already. An owner changes your role, in Settings, People.',
      )
    const recorder = recorderAt(invitation.createdBy, new Date())
    await putMembership(transaction, { personId: person.id, placeId, role, untilDay, ...recordedBy(recorder) }) // prettier-ignore
    await noteOf(transaction, visit, person, { act: 'came-in', placeId, subject: `as ${role}` })
    if (!signedIn) await letIn(transaction, visit, person, 'by an invitation')
  })
  return done
}

/** Comes in again: with another password, no codes, and no other device signed in. */
async function comeAgain(
  transaction: Connection,
  visit: Visit,
  { personId, placeId }: InvitationRow,
  dto: AcceptInvitationDto,
): Promise<void> {
  const person = personId === null ? undefined : await selectPerson(transaction, personId)
  if (!person) throw new Error('a link to come in again is for nobody')
  const signInName = dto.signInName ?? person.signInName ?? undefined
  await giveSignIn(
    transaction,
    person,
    credentialsOf({ ...dto, ...(signInName && { signInName }) }),
  )
  await updatePerson(transaction, person.id, { totpSecret: null, totpOffered: null })
  await endOtherSessions(transaction, person.id, null)
  // Whoever comes in by a link of the server itself works alone no more.
  if (placeId === null) await putInstallation(transaction, null)
  await noteOf(transaction, visit, person, { act: 'recovered', placeId })
  await letIn(transaction, visit, person, 'by a link to come in again')
}
