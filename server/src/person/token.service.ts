import type { CreateTokenDto, TokenDto, TokenMadeDto } from '@spudder/contract/person'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import type { Reach } from '../access/gate.ts'
import { fingerprintOf, newSecret } from '../access/secret.ts'
import type { Visit } from '../access/visitor.ts'
import { recordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { insertToken, selectTokens, withdrawTokens, type TokenRow } from './person.repository.ts'
import { noteOf, requireVisitor } from './signed-in.ts'
import type { PeopleStage } from './stage.ts'

/** Who works with keys, and where. */
export interface KeyHolder {
  readonly visit: Visit
  readonly recorder: Recorder
  readonly reach: Reach
}

const tokenDto = (row: TokenRow, personName: string): TokenDto => ({
  id: row.id,
  name: row.name,
  personName,
  rights: row.rights,
  expiresOn: row.expiresOn,
  usedAt: row.usedAt?.toISOString() ?? null,
  isWithdrawn: row.isWithdrawn,
  createdAt: row.createdAt.toISOString(),
})

/** Nobody makes or sees keys by a key: one that was copied makes no others. */
function holderOf(visit: Visit) {
  const { person, key } = requireVisitor(visit)
  if (key) throw new ServiceError('not-allowed', 'A key of a program cannot do that.')
  return person
}

/** Whose keys somebody sees: an owner everybody's, all others their own. */
const whose = ({ reach }: KeyHolder, personId: string) =>
  reach.rights.has('own') ? undefined : personId

export async function findTokens({ db }: PeopleStage, holder: KeyHolder): Promise<TokenDto[]> {
  const { id } = holderOf(holder.visit)
  const rows = await selectTokens(db, holder.reach.placeId, whose(holder, id))
  return rows.map(({ token, personName }) => tokenDto(token, personName))
}

/** @throws {ServiceError} not-allowed for a right that whoever makes it lacks */
export async function createToken(
  { db }: PeopleStage,
  { visit, recorder, reach }: KeyHolder,
  { id, name, rights, days }: CreateTokenDto,
): Promise<TokenMadeDto> {
  const person = holderOf(visit)
  if (rights.some((right) => !reach.rights.has(right)))
    throw new ServiceError('not-allowed', 'A key may do no more than whoever makes it.')
  const secret = newSecret()
  const row = {
    id,
    personId: person.id,
    placeId: reach.placeId,
    name,
    token: fingerprintOf(secret),
    rights: [...new Set(rights)],
    expiresOn: addDays(dateToDay(recorder.at), days),
    usedAt: null,
    isWithdrawn: false,
    ...recordedBy(recorder),
  }
  await insertToken(db, row)
  await noteOf(db, visit, person, { act: 'token-made', placeId: reach.placeId, subject: name })
  return { ...tokenDto(row, person.name), token: secret }
}

/** @throws {ServiceError} not-found for a key of somebody else, or of another place */
export async function withdrawToken(
  stage: PeopleStage,
  holder: KeyHolder,
  id: string,
): Promise<TokenDto> {
  const { db } = stage
  const person = holderOf(holder.visit)
  const { placeId } = holder.reach
  const known = (await findTokens(stage, holder)).find((each) => each.id === id)
  if (!known) throw new ServiceError('not-found', 'There is no such key here.')
  await withdrawTokens(db, placeId, { id })
  await noteOf(db, holder.visit, person, { act: 'token-withdrawn', placeId, subject: known.name })
  return { ...known, isWithdrawn: true }
}
