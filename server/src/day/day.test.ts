import type { DayDto } from '@spudder/contract/day'
import type { JobDto } from '@spudder/contract/job'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import { describe, expect, it } from 'vitest'
import { clientOf, entryBody, get, patch, post, refused, standWithRemedy } from '../tests/test-estate.ts' // prettier-ignore

const today = dateToDay(new Date())

/** A stand whose application is due today, with somebody of the crew. */
async function crewed() {
  const { stand, applyJobId } = await standWithRemedy()
  await patch(`/jobs/${applyJobId}`, { dueOn: today, version: 1 })
  const piet = await clientOf('Piet Loam', stand.placeId, 'applicator')
  const { id: pietId } = (await piet.get('/api/me')).body as { id: string }
  const dayOf = async (client: typeof piet) =>
    (await client.get(`/api/places/${stand.placeId}/day?day=${today}`).expect(200)).body as DayDto
  return { stand, applyJobId, piet, pietId, dayOf }
}
const idsOf = (jobs: DayDto['mine']) => jobs.map(({ job }) => job.id)

describe('the day', () => {
  it('has what nobody is named for with everybody, and what somebody is named for with them', async () => {
    const { stand, applyJobId, piet, pietId, dayOf } = await crewed()
    const anybodys = await dayOf(piet)
    expect(idsOf(anybodys.mine)).toContain(applyJobId)
    expect(anybodys.mine.find(({ job }) => job.id === applyJobId)).toMatchObject({ standName: stand.name, missesWindow: expect.any(Boolean), startH: expect.any(Number) }) // prettier-ignore
    const { version } = await patch<JobDto>(`/jobs/${applyJobId}`, { hands: [{ personId: pietId, name: 'misspelt' }] }) // prettier-ignore
    expect(version).toBeGreaterThan(1)
    expect((await dayOf(piet)).mine.find(({ job }) => job.id === applyJobId)?.job.hands).toEqual([{ personId: pietId, name: 'Piet Loam' }]) // prettier-ignore
    const own = await get<DayDto>(`/places/${stand.placeId}/day?day=${today}`)
    expect([idsOf(own.mine).includes(applyJobId), idsOf(own.others).includes(applyJobId)]).toEqual([false, true]) // prettier-ignore
  })

  it('tells who is at what, and no more once it is done', async () => {
    const { stand, applyJobId, piet, dayOf } = await crewed()
    await piet.post(`/api/jobs/${applyJobId}/taken`).send({ isMine: true }).expect(201)
    const since = new Date(Date.now() - 60_000).toISOString()
    await piet.post(`/api/jobs/${applyJobId}/under-way`).send({ since }).expect(201)
    const seen = await get<DayDto>(`/places/${stand.placeId}/day?day=${today}`)
    expect(seen.others[0]?.job.underWay).toEqual([expect.objectContaining({ name: 'Piet Loam', since })]) // prettier-ignore
    await piet.post(`/api/jobs/${applyJobId}/entries`).send({ ...entryBody(), happenedOn: today }).expect(201) // prettier-ignore
    const after = await dayOf(piet)
    expect([idsOf(after.mine), idsOf(after.done)]).toEqual([expect.not.arrayContaining([applyJobId]), [applyJobId]]) // prettier-ignore
    // Nobody begins what is done.
    expect((await piet.post(`/api/jobs/${applyJobId}/under-way`).send({ since })).status).toBe(409)
  })

  it('keeps what is overdue apart, and tomorrow, and says what to take along', async () => {
    const { stand, applyJobId, piet, dayOf } = await crewed()
    const load = (await dayOf(piet)).load
    expect(load).toEqual([expect.objectContaining({ kg: expect.any(Number), name: expect.any(String) })]) // prettier-ignore
    await patch(`/jobs/${applyJobId}`, { dueOn: addDays(today, -2) })
    const late = await dayOf(piet)
    expect([idsOf(late.overdue).includes(applyJobId), late.load]).toEqual([true, []])
    await patch(`/jobs/${applyJobId}`, { dueOn: addDays(today, 1) })
    const early = await dayOf(piet)
    expect(idsOf(early.tomorrow)).toContain(applyJobId)
    expect(idsOf(early.overdue)).not.toContain(applyJobId)
    expect(early.mine.every(({ standName }) => standName === stand.name)).toBe(true)
  })

  it('lets whoever works say what they do, and only who plans name others', async () => {
    const { stand, applyJobId, piet, pietId } = await crewed()
    const adviser = await clientOf('Ada Reed', stand.placeId, 'adviser')
    expect((await adviser.post(`/api/jobs/${applyJobId}/taken`).send({ isMine: true })).status).toBe(403) // prettier-ignore
    const hands = [{ personId: pietId, name: 'Piet' }]
    expect((await piet.patch(`/api/jobs/${applyJobId}`).send({ hands })).status).toBe(403)
    const elsewhere = await crewed()
    await refused('patch', `/jobs/${applyJobId}`, { hands: [{ personId: elsewhere.pietId, name: 'x' }] }, 404) // prettier-ignore
    // Somebody who does not sign in here is named by a name.
    const { hands: named } = await patch<JobDto>(`/jobs/${applyJobId}`, { hands: [{ personId: null, name: 'Jo' }] }) // prettier-ignore
    expect(named).toEqual([{ personId: null, name: 'Jo' }])
    const { hands: both } = (await piet.post(`/api/jobs/${applyJobId}/taken`).send({ isMine: true })).body as JobDto // prettier-ignore
    expect(both?.map(({ name }) => name)).toEqual(['Jo', 'Piet Loam'])
    const { hands: left } = (await piet.post(`/api/jobs/${applyJobId}/taken`).send({ isMine: false })).body as JobDto // prettier-ignore
    expect(left?.map(({ name }) => name)).toEqual(['Jo'])
    await post(`/jobs/${applyJobId}/taken`, { isMine: false })
    const soon = new Date(Date.now() + 7_200_000).toISOString()
    await refused('post', `/jobs/${applyJobId}/under-way`, { since: soon }, 400)
  })
})
