import { randomUUID } from 'node:crypto'
import type { Database } from '../database/connect.ts'
import { newlyRecordedBy, recorderAt, type Recorder } from '../http/recorder.ts'
import {
  insertMembership,
  insertPerson,
  lockInstallation,
  putInstallation,
  selectUnowned,
} from './membership.repository.ts'
import type { PersonRow } from './session.repository.ts'

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
  ...newlyRecordedBy(recorder),
})

/**
 * At the first start, makes whoever works here: alone, asked nothing, the owner of every place that nobody
 * owns. At every other start it does nothing.
 * @returns whether somebody was made
 */
export const makeOwner = (db: Database, name: string): Promise<boolean> =>
  db.transaction(async (transaction) => {
    // Two servers that start at once both come here; the second finds what the first made.
    if (await lockInstallation(transaction)) return false
    const recorder = recorderAt(name, new Date())
    const owner = newPerson(recorder, name)
    await insertPerson(transaction, owner)
    await putInstallation(transaction, owner.id)
    for (const { id: placeId } of await selectUnowned(transaction)) {
      const { createdBy, createdAt } = owner
      const row = { personId: owner.id, placeId, role: 'owner', untilDay: null } as const
      await insertMembership(transaction, { ...row, createdBy, createdAt })
    }
    return true
  })
