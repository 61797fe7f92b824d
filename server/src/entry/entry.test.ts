import type { EntryDto } from '@spudder/contract/entry'
import { eq } from 'drizzle-orm'
import supertest from 'supertest'
import { describe, expect, it } from 'vitest'
import { entry } from '../database/schema.ts'
import {
  appFor,
  db,
  entryBody,
  post,
  refused,
  standWithRemedy,
  storyOf,
} from '../tests/test-estate.ts'

const correction = (productKg: number) => ({ ...entryBody(productKg), reason: 'Weighed again.' })

describe('an entry', () => {
  it('keeps what was really used beside what was planned, with who and when, and does the job', async () => {
    const { stand, remedy, applyJobId } = await standWithRemedy()
    const begun = Date.now()
    const stored = await post<EntryDto>(`/jobs/${applyJobId}/entries`, entryBody(0.55))
    expect(stored).toMatchObject({ productKg: 0.55, createdBy: 'Tess Marlow', correctsId: null })
    expect(stored.plannedProductKg).toBeCloseTo(remedy.productKg, 12)
    expect(Date.parse(stored.createdAt)).toBeGreaterThan(begun - 1000)
    const { jobs } = await storyOf(stand.id)
    expect(jobs.find(({ id }) => id === applyJobId)?.status).toBe('done')
  })

  it('sent again after a lost answer is the one that is there', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    const body = entryBody()
    const path = `/jobs/${applyJobId}/entries`
    expect(await post<EntryDto>(path, body)).toEqual(await post<EntryDto>(path, body))
    expect((await storyOf(stand.id)).entries).toHaveLength(1)
    await refused('post', path, { ...body, waterL: body.waterL + 50 }, 409)
  })

  it('is taken from one of two people who record the same job at once', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    const record = (actor: string) =>
      supertest(appFor(actor)).post(`/api/jobs/${applyJobId}/entries`).send(entryBody())
    const answers = await Promise.all([record('Ona Birch'), record('Piet Loam')])
    expect(answers.map(({ status }) => status).toSorted()).toEqual([201, 409])
    const { entries } = await storyOf(stand.id)
    expect(entries).toHaveLength(1)
    const loser = answers.find(({ status }) => status === 409)
    expect(loser?.body.detail).toContain(entries[0]?.createdBy)
  })

  it('is corrected by a new one that names it; the old one stays as it was', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    const first = await post<EntryDto>(`/jobs/${applyJobId}/entries`, entryBody(0.6))
    const second = await post<EntryDto>(`/entries/${first.id}/corrections`, correction(0.7))
    expect(second).toMatchObject({ correctsId: first.id, productKg: 0.7, reason: 'Weighed again.' })
    const again = await refused('post', `/entries/${first.id}/corrections`, correction(0.8), 409)
    expect(again.detail).toMatch(/Correct the newer one/)
    const third = await post<EntryDto>(`/entries/${second.id}/corrections`, correction(0.8))
    const { entries } = await storyOf(stand.id)
    expect(entries.map(({ id }) => id).toSorted()).toEqual(
      [first.id, second.id, third.id].toSorted(),
    )
    expect(entries.find(({ id }) => id === first.id)).toEqual(first)
  })

  it('cannot be changed or removed, not even in the database', async () => {
    const { applyJobId } = await standWithRemedy()
    const { id } = await post<EntryDto>(`/jobs/${applyJobId}/entries`, entryBody(0.6))
    const ofIt = eq(entry.id, id)
    await expect(db.update(entry).set({ productKg: 9 }).where(ofIt)).rejects.toThrow()
    await expect(db.delete(entry).where(ofIt)).rejects.toThrow()
    const [row] = await db.select().from(entry).where(ofIt)
    expect(row?.productKg).toBe(0.6)
  })

  it('takes a figure whose last bit the driver cannot read back', async () => {
    const { applyJobId } = await standWithRemedy()
    const stored = await post<EntryDto>(`/jobs/${applyJobId}/entries`, entryBody(20 * 0.45359237))
    expect(stored.productKg).toBeCloseTo(9.0718474, 12)
  })

  it('is not taken for a look', async () => {
    const { lookJobId } = await standWithRemedy()
    const { detail } = await refused('post', `/jobs/${lookJobId}/entries`, entryBody(), 409)
    expect(detail).toMatch(/Only an application/)
  })
})
