import type {
  AskSignInDto,
  ChoosePasswordDto,
  CodesOfferDto,
  DoneDto,
  SignInDto,
} from '@spudder/contract/person'
import { noteAudit } from '../access/audit.ts'
import { countPeople, putInstallation } from '../access/membership.repository.ts'
import { endOtherSessions, updateSession, type PersonRow } from '../access/session.repository.ts'
import type { Visit } from '../access/visitor.ts'
import type { Connection } from '../database/connect.ts'
import { databaseErrno, duplicateEntry } from '../database/database-fault.ts'
import { ServiceError } from '../problem/service-error.ts'
import { addressOfCodes, newCodesSecret, takeCode } from './codes.ts'
import { hashOf, isPassword, requireGoodPassword } from './password.ts'
import { selectBySignInName, updatePerson } from './person.repository.ts'
import { letIn, noteOf, requireVisitor } from './signed-in.ts'
import type { PeopleStage } from './stage.ts'

export const done: DoneDto = { isDone: true }

/** The same whatever was wrong: nobody learns which names there are. */
const wrong = () => new ServiceError('sign-in-failed', 'Name or password is not right.')

/** @throws {ServiceError} sign-in-failed, code-needed, too-often */
export async function signIn(
  { db, attempts }: PeopleStage,
  visit: Visit,
  { signInName, password, code }: SignInDto,
): Promise<DoneDto> {
  const { from } = visit
  const name = signInName.toLowerCase()
  await attempts.require('address', from.address)
  await attempts.require('name', name)
  const person = await selectBySignInName(db, name)
  const isRight = await isPassword(person?.passwordHash ?? null, password)
  const failed = async (problem: ServiceError) => {
    await attempts.failed('address', from.address)
    await attempts.failed('name', name)
    const who = { personId: person?.id ?? null, actor: signInName }
    await noteAudit(db, from, { act: 'sign-in-refused', outcome: 'refused', ...who })
    return problem
  }
  if (!person || !isRight) throw await failed(wrong())
  if (person.totpSecret !== null) {
    if (code === undefined)
      throw new ServiceError('code-needed', 'Type the six figures that the app shows.')
    if (!(await takeCode(db, person.id, person.totpSecret, code)))
      throw await failed(
        new ServiceError('sign-in-failed', 'The code is not right. Wait for the next one.'),
      )
  }
  await attempts.succeeded('name', name)
  await letIn(db, visit, person, 'by password')
  return done
}

export async function signOut({ db }: PeopleStage, visit: Visit): Promise<DoneDto> {
  const { person, sessionId } = requireVisitor(visit)
  if (sessionId !== null) await updateSession(db, sessionId, { isEnded: true })
  visit.keepSecret(null)
  await noteOf(db, visit, person, { act: 'signed-out' })
  return done
}

const isTaken = (error: unknown): never => {
  if (databaseErrno(error) !== duplicateEntry) throw error
  const message = 'Sign-in name: somebody else has it. Take another.'
  throw new ServiceError('conflict', message, [{ field: 'signInName', message }])
}

/**
 * Gives somebody a name and a password to sign in by.
 * @throws {ServiceError} conflict for a name that somebody has; invalid-body for a poor password
 */
export async function giveSignIn(
  connection: Connection,
  person: PersonRow,
  { signInName, password }: AskSignInDto,
): Promise<void> {
  requireGoodPassword(password, [signInName, person.name])
  const passwordHash = await hashOf(password)
  await updatePerson(connection, person.id, {
    signInName: signInName.toLowerCase(),
    passwordHash,
  }).catch(isTaken)
}

/** @throws {ServiceError} not-allowed for who does not work alone */
export async function askForSignIn(
  { db }: PeopleStage,
  visit: Visit,
  dto: AskSignInDto,
): Promise<DoneDto> {
  const { person, isAlone } = requireVisitor(visit)
  if (!isAlone) throw new ServiceError('not-allowed', 'Sign-in is asked for already.')
  await giveSignIn(db, person, dto)
  await putInstallation(db, null)
  await noteOf(db, visit, person, { act: 'asked-for-sign-in', subject: 'on' })
  await letIn(db, visit, person, 'by the password just chosen')
  return done
}

/** @throws {ServiceError} sign-in-failed, too-often */
async function requirePassword(
  { db, attempts }: PeopleStage,
  { from }: Visit,
  person: PersonRow,
  password: string | undefined,
): Promise<void> {
  await attempts.require('name', person.id)
  if (await isPassword(person.passwordHash, password ?? '')) return
  await attempts.failed('name', person.id)
  const who = { personId: person.id, actor: person.name, subject: 'the own password, once more' }
  await noteAudit(db, from, { act: 'sign-in-refused', outcome: 'refused', ...who })
  throw new ServiceError('sign-in-failed', 'That is not your password.')
}

/** @throws {ServiceError} not-allowed where others work too, or others can reach the server */
export async function workAlone(
  stage: PeopleStage,
  visit: Visit,
  password: string,
): Promise<DoneDto> {
  const { db } = stage
  const { person } = requireVisitor(visit)
  if (!stage.isPrivate || (await countPeople(db)) > 1)
    throw new ServiceError(
      'not-allowed',
      'Others come in here: sign-in is asked for as long as they do.',
    )
  await requirePassword(stage, visit, person, password)
  await putInstallation(db, person.id)
  await noteOf(db, visit, person, { act: 'asked-for-sign-in', subject: 'off' })
  return done
}

/** @throws {ServiceError} sign-in-failed for another current password; invalid-body for a poor one */
export async function choosePassword(
  stage: PeopleStage,
  visit: Visit,
  { current, password }: ChoosePasswordDto,
): Promise<DoneDto> {
  const { db } = stage
  const { person, sessionId } = requireVisitor(visit)
  if (person.signInName === null)
    throw new ServiceError('not-allowed', 'Ask for sign-in first: it begins with a name.')
  if (person.passwordHash !== null) await requirePassword(stage, visit, person, current)
  requireGoodPassword(password, [person.signInName, person.name])
  await updatePerson(db, person.id, { passwordHash: await hashOf(password) })
  await endOtherSessions(db, person.id, sessionId)
  await noteOf(db, visit, person, { act: 'password-set' })
  return done
}

/** @throws {ServiceError} sign-in-failed */
export async function offerCodes(
  stage: PeopleStage,
  visit: Visit,
  password: string,
): Promise<CodesOfferDto> {
  const { person } = requireVisitor(visit)
  await requirePassword(stage, visit, person, password)
  const secret = newCodesSecret()
  await updatePerson(stage.db, person.id, { totpOffered: secret })
  return { secret, address: addressOfCodes(secret, person.signInName ?? person.name) }
}

/** @throws {ServiceError} sign-in-failed for a code that the offered secret does not make */
export async function switchCodesOn(
  { db, attempts }: PeopleStage,
  visit: Visit,
  code: string,
): Promise<DoneDto> {
  const { person } = requireVisitor(visit)
  const { totpOffered } = person
  if (totpOffered === null)
    throw new ServiceError('not-allowed', 'Ask for a secret first, and give it to the app.')
  await attempts.require('name', person.id)
  if (!(await takeCode(db, person.id, totpOffered, code))) {
    await attempts.failed('name', person.id)
    throw new ServiceError('sign-in-failed', 'The code is not right. Wait for the next one.')
  }
  await updatePerson(db, person.id, { totpSecret: totpOffered, totpOffered: null })
  await noteOf(db, visit, person, { act: 'codes-on' })
  return done
}

/** @throws {ServiceError} sign-in-failed */
export async function switchCodesOff(
  stage: PeopleStage,
  visit: Visit,
  password: string,
): Promise<DoneDto> {
  const { person } = requireVisitor(visit)
  await requirePassword(stage, visit, person, password)
  await updatePerson(stage.db, person.id, { totpSecret: null, totpOffered: null })
  await noteOf(stage.db, visit, person, { act: 'codes-off' })
  return done
}
