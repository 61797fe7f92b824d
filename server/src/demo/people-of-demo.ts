import { addDays, dateToDay } from '@spudder/core/base/calendar'
import { manager, peopleOfVennlow } from '@spudder/sim/vennlow'
import { newPerson } from '../access/make-owner.ts'
import {
  insertPerson,
  lockInstallation,
  putInstallation,
  putMembership,
} from '../access/membership.repository.ts'
import type { Database } from '../database/connect.ts'
import { recordedBy, recorderAt } from '../recorder/recorder.ts'

/** So long an inspector reads, and a licence holds, from when the demo began [days]. */
const inspectorDays = 30
const licenceDays = 400

/**
 * The people of the demo: whoever opens it on this machine is its manager, and can look through the eyes
 * of all the others. None of them has a password.
 */
export const peopleOfDemo = (db: Database, placeId: string, at: Date): Promise<void> =>
  db.transaction(async (transaction) => {
    if (await lockInstallation(transaction)) return
    const recorder = recorderAt(manager.name, at)
    const today = dateToDay(at)
    for (const { name, role, licenceNumber } of peopleOfVennlow) {
      const person = {
        ...newPerson(recorder, name),
        ...(licenceNumber && {
          licenceNumber,
          licenceExpiresOn: addDays(today, licenceDays),
        }),
      }
      await insertPerson(transaction, person)
      const untilDay = role === 'inspector' ? addDays(today, inspectorDays) : null
      const row = { personId: person.id, placeId, role, untilDay, ...recordedBy(recorder) }
      await putMembership(transaction, row)
      if (name === manager.name) await putInstallation(transaction, person.id)
    }
  })
