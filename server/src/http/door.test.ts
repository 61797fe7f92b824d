import supertest from 'supertest'
import { describe, expect, it } from 'vitest'
import { createApp } from '../app.ts'
import { api, parts, get, newId, newStand, placeBody, readingBody } from '../tests/test-estate.ts'

const json = (path: string, body: string) =>
  api.post(`/api${path}`).set('content-type', 'application/json').send(body)
const nested = (open: string, close: string, times: number) =>
  `${open.repeat(times)}1${close.repeat(times)}`

describe('the door', () => {
  it.each([
    ['deep lists', nested('[', ']', 20_000)],
    ['deep objects', nested('{"a":', '}', 9000)],
    ['a list in a list', '[[]]'],
    ['how objects are made', '{"constructor":{"prototype":{"x":1}}}'],
    ['half a character', JSON.stringify({ ...placeBody(), name: 'A\ud800' })],
    ['a NUL', JSON.stringify({ ...placeBody(), name: 'A\0B' })],
    ['a second line in a name', JSON.stringify({ ...placeBody(), name: 'A\r\nBEGIN:VEVENT' })],
    ['nothing', 'null'],
  ])('refuses %s with a problem of a few words', async (_, body) => {
    const answer = await json('/places', body)
    expect(answer.status).toBe(400)
    expect(answer.type).toBe('application/problem+json')
    expect(answer.text.length).toBeLessThan(2000)
  })

  it('says little of what is wrong in many ways', async () => {
    const odd = Object.fromEntries(
      Array.from({ length: 500 }, (_, at) => [`${'k'.repeat(900)}${at}`, 1]),
    )
    const answer = await json('/places', JSON.stringify({ ...placeBody(), ...odd }))
    expect(answer.status).toBe(400)
    expect(answer.text.length).toBeLessThan(20_000)
  })

  it.each(['/api/stands/%zz', '/api/stands/%00', `/api/stands/${'x'.repeat(3000)}`])(
    'has nothing under %s, and says so',
    async (path) => {
      const { status } = await api.get(path.slice(0, 3100))
      expect([400, 404]).toContain(status)
    },
  )

  it.each([
    'offset=1.5',
    'limit=1e9',
    'limit=-1',
    'from=%ff',
    'text=%00',
    'limit=1&limit=2',
    'constructor=1',
  ])('asks again for a query of %s', async (query) => {
    const { placeId } = await newStand()
    expect((await api.get(`/api/places/${placeId}/entries?${query}`)).status).toBe(400)
  })

  it('lets nobody in under a name or from a page that is not its own', async () => {
    const own = api
    expect((await own.get('/api/places').set('host', 'rebound.example')).status).toBe(403)
    expect((await own.get('/api/places').set('origin', 'http://elsewhere.example')).status).toBe(
      403,
    )
    expect((await own.get('/api/places').set('sec-fetch-site', 'cross-site')).status).toBe(403)
    expect((await own.get('/api/places').set('host', 'localhost:5190')).status).toBe(200)
    const named = supertest(createApp({ ...parts, hosts: ['club.example'] }))
    expect((await named.get('/api/places').set('host', 'club.example')).status).toBe(200)
  })

  it('keeps no copy of an answer anywhere', async () => {
    expect((await api.get('/api/places')).headers['cache-control']).toBe('no-store')
  })

  it('keeps a reading of one stand from the photo of another that was given its id', async () => {
    const [one, other] = [await newStand(), await newStand()]
    const reading = readingBody()
    await api.post(`/api/stands/${one.id}/readings`).send(reading)
    const pixel = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64') // prettier-ignore
    const kept = await api
      .post(`/api/stands/${other.id}/photos?id=${reading.id}&fileName=a.png`)
      .set('content-type', 'image/png')
      .send(pixel)
    expect(kept.status).toBe(201)
    const measured = { greenness: 0.4, index: 0.4, part: 'whole', isComparable: false }
    await api.post(`/api/photos/${reading.id}/measure`).send(measured)
    const { readings } = await get<{ readings: { id: string }[] }>(`/stands/${one.id}`)
    expect(readings.map(({ id }) => id)).toContain(reading.id)
  })

  it('gives a photo to no entry that is not of its stand', async () => {
    const { id } = await newStand()
    const path = `/api/stands/${id}/photos?id=${newId()}&fileName=a.png&entryId=${newId()}`
    const pixel = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64') // prettier-ignore
    expect((await api.post(path).set('content-type', 'image/png').send(pixel)).status).toBe(400)
  })
})
