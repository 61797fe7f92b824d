import type { RecordPageDto } from '@spudder/contract/entry'
import type { AuditPageDto } from '@spudder/contract/person'
import type {
  CreateRecordLinkDto,
  RecordLinkDto,
  RecordLinkMadeDto,
  SharedRecordDto,
} from '@spudder/contract/record-link'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import { eq } from 'drizzle-orm'
import supertest from 'supertest'
import { beforeAll, describe, expect, it } from 'vitest'
import { createApp } from '../app.ts'
import { recordLink } from '../database/schema.ts'
import {
  api,
  clientOf,
  db,
  entryBody,
  get,
  newId,
  parts,
  patch,
  post,
  refused,
  standWithRemedy,
} from '../tests/test-estate.ts'

/** Whoever has a link, and no sign-in. */
const stranger = supertest(createApp({ ...parts, isPrivate: false }))
const opened = (token: string, query = '') => stranger.get(`/api/shared-records/${token}${query}`)

let placeId: string
let worked: { readonly id: string; readonly name: string }
beforeAll(async () => {
  const { stand, applyJobId } = await standWithRemedy()
  await post(`/jobs/${applyJobId}/entries`, entryBody())
  placeId = stand.placeId
  worked = stand
})

const make = (dto: Partial<CreateRecordLinkDto> = {}) =>
  post<RecordLinkMadeDto>(`/places/${placeId}/record-links`, {
    id: newId(),
    name: 'the county office',
    days: 30,
    ...dto,
  })

describe('a link to the record', () => {
  it('lets whoever has it read the record, and nothing else', async () => {
    const { token, id } = await make()
    const { body } = await opened(token).expect(200)
    const shared = body as SharedRecordDto
    const own = await get<RecordPageDto>(`/places/${placeId}/entries?limit=50`)
    expect(shared.page).toEqual(own)
    expect(shared.page.total).toBeGreaterThan(0)
    expect(shared).toMatchObject({ sharedBy: 'Tess Marlow', standName: null })
    for (const path of [`/places/${placeId}/entries`, `/places/${placeId}/people`, '/me'])
      expect((await stranger.get(`/api${path}`)).status).toBe(401)
    // The secret is known again by its fingerprint alone.
    const rows = await db.select().from(recordLink).where(eq(recordLink.id, id))
    expect(JSON.stringify(rows)).not.toContain(token)
  })

  it('shows its own stand and days alone', async () => {
    const own = await make({ standId: worked.id })
    expect(((await opened(own.token)).body as SharedRecordDto).standName).toBe(worked.name)
    const later = await make({ from: addDays(dateToDay(new Date()), 1) })
    expect(((await opened(later.token)).body as SharedRecordDto).page).toEqual({ total: 0, lines: [] }) // prettier-ignore
    const whole = await make()
    const { page } = (await opened(whole.token, '?limit=1&offset=0')).body as SharedRecordDto
    expect(page.lines).toHaveLength(1)
  })

  it('leads nowhere once it was taken back, ended, or was guessed', async () => {
    const [back, ended] = [await make(), await make()]
    await patch(`/places/${placeId}/record-links/${back.id}`, { isWithdrawn: true })
    const yesterday = addDays(dateToDay(new Date()), -1)
    await db.update(recordLink).set({ expiresOn: yesterday }).where(eq(recordLink.id, ended.id))
    for (const token of [back.token, ended.token, 'guessed', back.id])
      expect((await opened(token)).status).toBe(404)
    const listed = await get<RecordLinkDto[]>(`/places/${placeId}/record-links`)
    expect(listed.map(({ id }) => id)).not.toContain(back.id)
    expect(listed.map(({ id }) => id)).not.toContain(ended.id)
  })

  it('is noted when it is opened, and says when it last was', async () => {
    const { token, id } = await make({ name: 'the greens committee' })
    await opened(token).expect(200)
    await opened(token).expect(200)
    const listed = await get<RecordLinkDto[]>(`/places/${placeId}/record-links`)
    expect(listed.find((each) => each.id === id)?.openedAt).not.toBeNull()
    const { lines } = await get<AuditPageDto>(`/places/${placeId}/audit?limit=100`)
    const noted = lines.filter(({ act }) => act === 'record-opened')
    expect(noted.filter(({ actor }) => actor === 'the link for the greens committee')).toHaveLength(1) // prettier-ignore
  })

  it('is made and taken back by who plans, of their own place', async () => {
    const scout = await clientOf('Ona Birch', placeId, 'scout')
    const dto = { id: newId(), name: 'a friend', days: 3 }
    expect((await scout.post(`/api/places/${placeId}/record-links`).send(dto)).status).toBe(403)
    const elsewhere = await standWithRemedy()
    const { id } = await make()
    await refused('patch', `/places/${elsewhere.stand.placeId}/record-links/${id}`, { isWithdrawn: true }, 404) // prettier-ignore
    await refused('post', `/places/${placeId}/record-links`, { ...dto, standId: elsewhere.stand.id }, 404) // prettier-ignore
    await refused('post', `/places/${placeId}/record-links`, { ...dto, from: '2026-05-02', to: '2026-05-01' }, 400) // prettier-ignore
    expect((await api.get(`/api/places/${placeId}/record-links`)).status).toBe(200)
  })
})
