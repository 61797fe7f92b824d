import type {
  AddPasskeyDto,
  DoneDto,
  PasskeyAnswerDto,
  PasskeyDto,
  PasskeyQuestionDto,
} from '@spudder/contract/person'
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type AuthenticatorTransport,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server'
import { randomUUID } from 'node:crypto'
import { isIP } from 'node:net'
import { noteAudit } from '../access/audit.ts'
import type { Visit } from '../access/visitor.ts'
import { ServiceError } from '../problem/service-error.ts'
import {
  deletePasskey,
  insertChallenge,
  insertPasskey,
  selectPasskey,
  selectPasskeys,
  selectPerson,
  takeChallenge,
  usePasskey,
} from './person.repository.ts'
import { done } from './sign-in.service.ts'
import { letIn, noteOf, requireVisitor } from './signed-in.ts'
import type { PeopleStage } from './stage.ts'

/** So long a question waits for its answer: somebody looks for their key [ms]. */
const answerWithin = 5 * 60_000

/** Passkeys are bound to a name (WebAuthn 3, 5.1.2): an address of figures is none. */
export const takesPasskeys = ({ host, origin }: Visit): boolean =>
  isIP(host.replace(/^\[|\]$/g, '')) === 0 && (host === 'localhost' || origin.startsWith('https:'))

function requireName(visit: Visit): void {
  if (takesPasskeys(visit)) return
  throw new ServiceError(
    'not-allowed',
    'Passkeys work under a name and over TLS, as https://spudder.example, or under localhost. Sign in by password here.',
  )
}

async function asked(
  { db }: PeopleStage,
  personId: string | null,
  options: { readonly challenge: string },
): Promise<PasskeyQuestionDto> {
  const id = randomUUID()
  const endsAt = new Date(Date.now() + answerWithin)
  await insertChallenge(db, { id, personId, value: options.challenge, endsAt })
  return { challengeId: id, options: { ...options } }
}

/** @throws {ServiceError} sign-in-failed for a question that was answered, or waits no more */
async function challengeOf({ db }: PeopleStage, id: string, personId: string | null) {
  const found = await db.transaction((transaction) => takeChallenge(transaction, id, new Date()))
  if (found && found.personId === personId) return found.value
  throw new ServiceError('sign-in-failed', 'That took too long. Begin again.')
}

const passkeyDto = (row: {
  id: string
  name: string
  createdAt: Date
  usedAt: Date | null
}): PasskeyDto => ({
  id: row.id,
  name: row.name,
  createdAt: row.createdAt.toISOString(),
  usedAt: row.usedAt?.toISOString() ?? null,
})

export async function findPasskeys({ db }: PeopleStage, visit: Visit): Promise<PasskeyDto[]> {
  const { person } = requireVisitor(visit)
  return (await selectPasskeys(db, person.id)).map(passkeyDto)
}

/** @throws {ServiceError} not-allowed where the page was opened by figures, or without TLS */
export async function askNewPasskey(stage: PeopleStage, visit: Visit): Promise<PasskeyQuestionDto> {
  requireName(visit)
  const { person } = requireVisitor(visit)
  const known = await selectPasskeys(stage.db, person.id)
  const options = await generateRegistrationOptions({
    rpName: 'Spudder',
    rpID: visit.host,
    userName: person.signInName ?? person.name,
    userDisplayName: person.name,
    userID: new TextEncoder().encode(person.id),
    attestationType: 'none',
    excludeCredentials: known.map(({ credentialId }) => ({ id: credentialId })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  })
  return asked(stage, person.id, options)
}

const refused = () =>
  new ServiceError('sign-in-failed', 'The passkey did not answer as it must. Begin again.')

/** @throws {ServiceError} sign-in-failed */
export async function addPasskey(
  stage: PeopleStage,
  visit: Visit,
  { name, challengeId, answer }: AddPasskeyDto,
): Promise<PasskeyDto[]> {
  const { person } = requireVisitor(visit)
  const expectedChallenge = await challengeOf(stage, challengeId, person.id)
  const { registrationInfo } = await verifyRegistrationResponse({
    response: answer as unknown as RegistrationResponseJSON,
    expectedChallenge,
    expectedOrigin: visit.origin,
    expectedRPID: visit.host,
    requireUserVerification: true,
  }).catch(() => ({ registrationInfo: undefined }))
  if (!registrationInfo) throw refused()
  const { credential } = registrationInfo
  await insertPasskey(stage.db, {
    id: randomUUID(),
    personId: person.id,
    credentialId: credential.id,
    publicKey: Buffer.from(credential.publicKey).toString('base64url'),
    counter: credential.counter,
    transports: credential.transports ?? [],
    name,
    createdAt: new Date(),
    usedAt: null,
  })
  await noteOf(stage.db, visit, person, { act: 'passkey-added', subject: name })
  return findPasskeys(stage, visit)
}

export async function removePasskey(
  stage: PeopleStage,
  visit: Visit,
  id: string,
): Promise<PasskeyDto[]> {
  const { person } = requireVisitor(visit)
  await deletePasskey(stage.db, person.id, id)
  await noteOf(stage.db, visit, person, { act: 'passkey-removed' })
  return findPasskeys(stage, visit)
}

/** @throws {ServiceError} not-allowed */
export async function askPasskey(stage: PeopleStage, visit: Visit): Promise<PasskeyQuestionDto> {
  requireName(visit)
  const options = await generateAuthenticationOptions({
    rpID: visit.host,
    userVerification: 'required',
  })
  return asked(stage, null, options)
}

/** @throws {ServiceError} sign-in-failed, too-often */
export async function signInByPasskey(
  stage: PeopleStage,
  visit: Visit,
  { challengeId, answer }: PasskeyAnswerDto,
): Promise<DoneDto> {
  const { db, attempts } = stage
  const { from } = visit
  await attempts.require('address', from.address)
  const expectedChallenge = await challengeOf(stage, challengeId, null)
  const known = await selectPasskey(db, String(answer['id']))
  const person = known && (await selectPerson(db, known.personId))
  const verified =
    known &&
    (await verifyAuthenticationResponse({
      response: answer as unknown as AuthenticationResponseJSON,
      expectedChallenge,
      expectedOrigin: visit.origin,
      expectedRPID: visit.host,
      requireUserVerification: true,
      credential: {
        id: known.credentialId,
        publicKey: new Uint8Array(Buffer.from(known.publicKey, 'base64url')),
        counter: known.counter,
        transports: known.transports as AuthenticatorTransport[],
      },
    }).catch(() => undefined))
  if (!known || !person || !verified?.verified) {
    await attempts.failed('address', from.address)
    const who = { personId: person?.id ?? null, actor: person?.name ?? 'a passkey' }
    await noteAudit(db, from, { act: 'sign-in-refused', outcome: 'refused', ...who })
    throw refused()
  }
  await usePasskey(db, known.id, verified.authenticationInfo.newCounter, new Date())
  await letIn(db, visit, person, `by the passkey “${known.name}”`)
  return done
}
