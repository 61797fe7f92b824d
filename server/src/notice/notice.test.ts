import type { NoticeDto } from '@spudder/contract/notice'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import { describe, expect, it } from 'vitest'
import { clientOf, get, patch, post, practiseAt, remedyBody, standWithRemedy } from '../tests/test-estate.ts' // prettier-ignore

const today = () => dateToDay(new Date())

describe('notices of a place', () => {
  it('tell what is overdue and due, with the weather of the day where somebody knows it', async () => {
    const { stand, caseId, remedy, applyJobId } = await standWithRemedy()
    await patch(`/jobs/${applyJobId}`, { dueOn: addDays(today(), -2), version: 1 })
    await post(`/cases/${caseId}/remedies`, { ...remedyBody(), id: crypto.randomUUID(), applyOn: today() }) // prettier-ignore
    const path = `/places/${stand.placeId}/notices`
    const kinds = async () => (await get<NoticeDto[]>(path)).map(({ kind }) => kind)
    expect(remedy.standId).toBe(stand.id)
    expect(await kinds()).toEqual(expect.arrayContaining(['overdue', 'due']))
    const overdue = (await get<NoticeDto[]>(path)).find(({ jobId }) => jobId === applyJobId)
    expect(overdue).toMatchObject({ kind: 'overdue', standId: stand.id })
    expect(overdue?.words).toMatch(new RegExp(`^${stand.name}: .*, overdue for 2 days`))

    await practiseAt(stand.placeId)
    const ofToday = (await get<NoticeDto[]>(path)).filter(({ kind }) => kind === 'window' || kind === 'due') // prettier-ignore
    expect(ofToday[0]?.words).toMatch(/(No hour of today is fit|the weather is fit today).*made-up weather/) // prettier-ignore
  })

  it('tell an applicator that the own licence ends', async () => {
    const { stand } = await standWithRemedy()
    const own = await clientOf('Tobin Ashgrove', stand.placeId, 'applicator')
    const until = addDays(today(), 12)
    await own.patch('/api/me').send({ licenceNumber: 'VA-1', licenceExpiresOn: until }).expect(200)
    const { body } = await own.get(`/api/places/${stand.placeId}/notices`)
    expect((body as NoticeDto[]).filter(({ kind }) => kind === 'licence')).toMatchObject([
      { id: `licence ${until}`, standId: null },
    ])
    expect((await get<NoticeDto[]>(`/places/${stand.placeId}/notices`)).map(({ kind }) => kind)).not.toContain('licence') // prettier-ignore
  })
})
