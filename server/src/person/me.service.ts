import type { ChangeMeDto, DoneDto, MeDto } from '@spudder/contract/person'
import { dateToDay } from '@spudder/core/base/calendar'
import { selectMemberships } from '../access/membership.repository.ts'
import type { Visit } from '../access/visitor.ts'
import { changedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { takesPasskeys } from './passkey.service.ts'
import { lockPerson, selectEyes, selectPerson, updatePerson } from './person.repository.ts'
import { done } from './sign-in.service.ts'
import { letIn, requireVisitor } from './signed-in.ts'
import type { PeopleStage } from './stage.ts'

/** Who is signed in, and what they may do where. */
export async function findMe(
  { db, isDemo, isPrivate, canMail }: PeopleStage,
  visit: Visit,
): Promise<MeDto> {
  const { person, isAlone } = requireVisitor(visit)
  const memberships = await selectMemberships(db, person.id, dateToDay(new Date()))
  const places = memberships.map(({ placeId, role, untilDay }) => ({ placeId, role, untilDay }))
  // Where others reach the demo, nobody becomes its owner by asking.
  const eyes =
    isDemo && isPrivate
      ? await selectEyes(
          db,
          places.map(({ placeId }) => placeId),
          person.id,
        )
      : []
  return {
    id: person.id,
    name: person.name,
    signInName: person.signInName,
    licenceNumber: person.licenceNumber,
    licenceExpiresOn: person.licenceExpiresOn,
    email: person.email,
    mailKinds: person.mailKinds ?? [],
    canMail,
    hasPassword: person.passwordHash !== null,
    hasCodes: person.totpSecret !== null,
    isAlone,
    takesPasskeys: takesPasskeys(visit),
    places,
    eyes,
  }
}

export async function changeMe(
  stage: PeopleStage,
  visit: Visit,
  recorder: Recorder,
  { name, licenceNumber, licenceExpiresOn, email, mailKinds }: ChangeMeDto,
): Promise<MeDto> {
  const visitor = requireVisitor(visit)
  const person = await stage.db.transaction(async (transaction) => {
    const row = await lockPerson(transaction, visitor.person.id)
    if (!row) throw new ServiceError('not-found', 'There is no such person.')
    const change = {
      name: name ?? row.name,
      licenceNumber: licenceNumber ?? row.licenceNumber,
      licenceExpiresOn: licenceExpiresOn === undefined ? row.licenceExpiresOn : licenceExpiresOn,
      email: email === undefined ? row.email : email,
      mailKinds: mailKinds ?? row.mailKinds,
      version: row.version + 1,
      ...changedBy(recorder),
    }
    await updatePerson(transaction, row.id, change)
    return { ...row, ...change }
  })
  return findMe(stage, { ...visit, visitor: { ...visitor, person } })
}

/**
 * In the demo, goes on as somebody else who works there.
 * @throws {ServiceError} not-found outside of the demo, and for whoever is nobody there
 */
export async function lookThrough(
  stage: PeopleStage,
  visit: Visit,
  personId: string,
): Promise<DoneDto> {
  const me = await findMe(stage, visit)
  const other = me.eyes.some(({ id }) => id === personId)
    ? await selectPerson(stage.db, personId)
    : undefined
  if (!other) throw new ServiceError('not-found', 'There is nobody like that in a demo here.')
  await letIn(stage.db, visit, other, 'in the demo, through their eyes')
  return done
}
