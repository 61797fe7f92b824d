import { describe, expect, it } from 'vitest'
import { newId, newStand, post, readingBody, refused, storyOf } from '../tests/test-estate.ts'

const eventBody = (change = {}) => ({
  id: newId(),
  kind: 'pH-corrected',
  happenedOn: '2025-05-02',
  fromPH: 8,
  toPH: 6.5,
  note: 'Two bags on the lower half.',
  ...change,
})

describe('what happened to a stand', () => {
  it('is kept with both values of a correction, in the order of its days', async () => {
    const { id } = await newStand()
    const later = eventBody()
    const earlier = eventBody({
      kind: 'limed',
      happenedOn: '2025-03-01',
      fromPH: undefined,
      toPH: undefined,
    })
    await post(`/stands/${id}/events`, later)
    await post(`/stands/${id}/events`, earlier)
    const { events } = await storyOf(id)
    expect(events.map(({ kind, fromPH, toPH }) => [kind, fromPH, toPH])).toEqual([
      ['limed', null, null],
      ['pH-corrected', 8, 6.5],
    ])
    expect(events[1]).toMatchObject({ note: later.note, createdBy: 'Tess Marlow' })
  })

  it('told twice under one id is kept once; another story under it is refused', async () => {
    const { id } = await newStand()
    const body = eventBody()
    const path = `/stands/${id}/events`
    expect(await post(path, body)).toEqual(await post(path, body))
    await refused('post', path, { ...body, happenedOn: '2025-05-03' }, 409)
    expect((await storyOf(id)).events).toHaveLength(1)
  })

  it('may be told in any script', async () => {
    const { id } = await newStand()
    const note = 'Überschwemmt 🌧 ½ Tag — 水'
    await post(`/stands/${id}/events`, eventBody({ kind: 'flood', note }))
    expect((await storyOf(id)).events[0]?.note).toBe(note)
  })
})

describe('a reading', () => {
  it('is kept as it was taken, and once', async () => {
    const { id } = await newStand()
    const body = { ...readingBody(6.85), method: 'laboratory', note: 'Ten cores to 4 in.' }
    const path = `/stands/${id}/readings`
    expect(await post(path, body)).toEqual(await post(path, body))
    const { readings } = await storyOf(id)
    expect(readings).toHaveLength(1)
    expect(readings[0]).toMatchObject(body)
  })

  it('under the id of another one is refused', async () => {
    const { id } = await newStand()
    const body = readingBody(6.8)
    await post(`/stands/${id}/readings`, body)
    const { detail } = await refused('post', `/stands/${id}/readings`, { ...body, value: 7.1 }, 409)
    expect(detail).toMatch(/Something else was already stored/)
  })

  it.each([
    ['pH', 15, /pH: give a number from 2.5 to 11/],
    ['turfColour', 0.5, /Turf colour, 1 to 9/],
    ['severity', 5.5, /from 0 to 5/],
    ['chlorophyll', 99, /from 0 to 80/],
    ['ironInSolution', -1, /from 0 to 50/],
  ])('of %s cannot be %d', async (kind, value, message) => {
    const { id } = await newStand()
    const body = { ...readingBody(), kind, value }
    expect((await refused('post', `/stands/${id}/readings`, body, 400)).detail).toMatch(message)
  })
})
