import { dateToDay } from '@spudder/core/base/calendar'
import { manager, morningOfVennlow } from '@spudder/sim/vennlow'
import type { Database } from '../database/connect.ts'
import { derivedId } from '../database/derived-id.ts'
import { findMembers } from '../person/people.service.ts'
import { readPlanned } from '../planning/planning.service.ts'
import { recorderAt } from '../recorder/recorder.ts'
import { changeJob, planLooks } from '../schedule/schedule.service.ts'

/** Who does what on the first day of the demo, as its manager says it in the morning. */
export async function morningOfDemo(db: Database, placeId: string, at: Date): Promise<void> {
  const recorder = recorderAt(manager.name, at)
  const today = dateToDay(at)
  const { looks, doses } = morningOfVennlow
  const members = await findMembers({ db }, placeId)
  const before = await readPlanned(db, placeId)
  const standOf = (name: string) => {
    const stand = before.stands.find((each) => each.name === name)
    if (!stand) throw new Error(`the demo has no stand called ${name}`)
    return stand.id
  }
  const handsOf = (name: string) => {
    const member = members.find((each) => each.name === name)
    if (!member) throw new Error(`nobody of the demo is called ${name}`)
    return [{ personId: member.personId, name }]
  }
  const due = looks.map(({ stand, by }) => ({ standId: standOf(stand), by, id: derivedId('morning', placeId, stand) })) // prettier-ignore
  const dueLooks = due.map(({ id, standId }) => ({ id, standId, dueOn: today }))
  await planLooks(db, recorder, placeId, { looks: dueLooks })
  for (const { id, by } of due)
    if (by !== undefined) await changeJob(db, recorder, id, { hands: handsOf(by) })
  const ofDoses = before.jobs.filter(
    ({ standId, dueOn }) => standId === standOf(doses.stand) && dueOn === today,
  )
  for (const { id } of ofDoses) await changeJob(db, recorder, id, { hands: handsOf(doses.by) })
}
