import { randomUUID } from 'node:crypto'
import type { Connection, Database } from '../database/connect.ts'
import { doneAgain } from '../database/database-fault.ts'
import { newlyRecordedBy, recordedBy, recorderAt, type Recorder } from '../recorder/recorder.ts'
import {
  insertPerson,
  lockInstallation,
  putInstallation,
  putMembership,
  selectUnowned,
} from './membership.repository.ts'
import { selectAlone, type PersonRow } from './session.repository.ts'

/** Somebody new, who cannot sign in yet. */
export const newPerson = (recorder: Recorder, name: string): PersonRow => ({
  id: randomUUID(),
  name,
  signInName: null,
  passwordHash: null,
  totpSecret: null,
  totpOffered: null,
  totpStep: 0,
  licenceNumber: '',
  licenceExpiresOn: null,
  email: null,
  mailKinds: null,
  ...newlyRecordedBy(recorder),
})

async function aloneHere(transaction: Connection, name: string): Promise<PersonRow | undefined> {
  // Two servers that start at once both come here: the database gives one of them up, and it finds
  // what the other made when it comes again.
  if (await lockInstallation(transaction)) return selectAlone(transaction)
  const owner = newPerson(recorderAt(name, new Date()), name)
  await insertPerson(transaction, owner)
  await putInstallation(transaction, owner.id)
  return owner
}

/**
 * At the first start, makes whoever works here alone and is asked nothing. As long as somebody does, every
 * place that nobody owns is theirs: those from before there were owners, and those that were filled in past
 * the API.
 */
export const makeOwner = (db: Database, name: string): Promise<void> =>
  doneAgain(() =>
    db.transaction(async (transaction) => {
      const owner = await aloneHere(transaction, name)
      if (!owner) return
      const recorded = recordedBy(recorderAt(owner.name, new Date()))
      for (const { id: placeId } of await selectUnowned(transaction)) {
        const row = { personId: owner.id, placeId, role: 'owner', untilDay: null } as const
        await putMembership(transaction, { ...row, ...recorded })
      }
    }),
  )
