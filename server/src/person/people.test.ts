import type { AuditPageDto, MeDto, MemberDto, TokenMadeDto } from '@spudder/contract/person'
import type { PlaceDto } from '@spudder/contract/place'
import { and, eq, sql } from 'drizzle-orm'
import supertest from 'supertest'
import { describe, expect, it } from 'vitest'
import { apiToken, audit, membership } from '../database/schema.ts'
import { clientOf, db, get, newId, newPlace, patch, placeBody, post, readingBody, refused, standBody, standWithRemedy } from '../tests/test-estate.ts' // prettier-ignore
import { browser, goodPassword, guestAt, linkTo, openApp, type Browser } from './tests/guests.ts'

const meOf = async (own: Browser) => (await own.get('/api/me')).body as MeDto

describe('people of a place', () => {
  it('are given another role by its owner, which holds at once', async () => {
    const { stand } = await standWithRemedy()
    const { own } = await guestAt(stand.placeId, 'adviser')
    const read = () => own.post(`/api/stands/${stand.id}/readings`).send(readingBody())
    const { status, body } = await read()
    expect([status, body.code]).toEqual([403, 'not-allowed'])
    expect(body.detail).toBe(
      'You are an adviser here. To store looks and readings, ask an owner, manager, or scout.',
    )
    const { id } = await meOf(own)
    await patch(`/places/${stand.placeId}/people/${id}`, { role: 'scout' })
    expect((await read()).status).toBe(201)
    await patch(`/places/${stand.placeId}/people/${id}`, { isGone: true })
    expect((await read()).status).toBe(404)
    // Signed in they stay, for other places are none of this owner's business.
    expect((await meOf(own)).places).toEqual([])
  })

  it('lose nothing by following a link to where they own already', async () => {
    const { id: placeId } = await newPlace()
    const { own } = await guestAt(placeId, 'owner')
    const { token } = await linkTo(placeId, 'inspector')
    await own.post(`/api/invitations/${token}/accepted`).send({}).expect(409)
    expect((await meOf(own)).places).toMatchObject([{ role: 'owner' }])
  })

  it('read until their last day, and not a day longer', async () => {
    const { id: placeId } = await newPlace()
    const { own } = await guestAt(placeId, 'inspector')
    const { id } = await meOf(own)
    const path = `/api/places/${placeId}/entries`
    const until = (untilDay: string) => patch(`/places/${placeId}/people/${id}`, { untilDay })
    await until(new Date().toISOString().slice(0, 10))
    expect((await own.get(path)).status).toBe(200)
    await until('2025-06-01')
    expect((await own.get(path)).status).toBe(404)
    expect((await own.get('/api/places')).body).toEqual([])
  })

  it('always have an owner, also where two take each other off at once', async () => {
    const { id: placeId } = await newPlace()
    const people = () => get<MemberDto[]>(`/places/${placeId}/people`)
    const [tess] = await people()
    const path = `/places/${placeId}/people/${tess?.personId}`
    await refused('patch', path, { isGone: true }, 409)
    await refused('patch', path, { role: 'manager' }, 409)
    await refused('patch', path, { untilDay: '2099-01-01' }, 409)
    const { own } = await guestAt(placeId, 'owner')
    const { id } = await meOf(own)
    const both = await Promise.all([
      own.patch(`/api${path}`).send({ isGone: true }),
      patch(`/places/${placeId}/people/${id}`, { isGone: true }).then(
        () => ({ status: 200 }),
        () => ({ status: 0 }),
      ),
    ])
    expect(both.filter(({ status }) => status === 200)).toHaveLength(1)
    const owners = await db.select().from(membership).where(and(eq(membership.placeId, placeId), eq(membership.role, 'owner'))) // prettier-ignore
    expect(owners).toHaveLength(1)
  })

  it('come in again by a link that only who owns all their places can make', async () => {
    const { id: placeId } = await newPlace()
    const { own, signInName } = await guestAt(placeId, 'applicator')
    const { id } = await meOf(own)
    const path = `/places/${placeId}/people/${id}/recoveries`
    const { token } = await post<{ token: string }>(path, {})
    const again = browser()
    const view = await again.get(`/api/invitations/${token}`)
    expect(view.body).toMatchObject({ kind: 'recover', signInName, placeName: null })
    const password = goodPassword()
    await again.post(`/api/invitations/${token}/accepted`).send({ password }).expect(201)
    expect((await own.get('/api/me')).status).toBe(401)
    expect((await meOf(again)).id).toBe(id)
    await again.post('/api/sessions').send({ signInName, password }).expect(201)
    // With a place of their own, they are no longer in the hands of this one.
    await again.post('/api/places').send(placeBody()).expect(201)
    await refused('post', path, {}, 403)
  })

  it('make places of their own, and take none by its id', async () => {
    const theirs = await newPlace()
    const { own } = await guestAt((await newPlace()).id, 'scout')
    expect((await own.post('/api/places').send({ ...placeBody(), id: theirs.id })).status).toBe(409)
    await patch<PlaceDto>(`/places/${theirs.id}`, { name: 'Changed since' })
    const taken = await own.post('/api/places').send({ ...placeBody(), id: theirs.id })
    expect([taken.status, taken.text.includes('Changed since')]).toEqual([409, false])
    const body = placeBody()
    await own.post('/api/places').send(body).expect(201)
    await own.post('/api/places').send(body).expect(201)
    expect((await meOf(own)).places.at(-1)).toMatchObject({ placeId: body.id, role: 'owner' })
  })

  it('say that work is done where they do it, and plan it only where they plan', async () => {
    const { stand, lookJobId } = await standWithRemedy()
    const { own } = await guestAt(stand.placeId, 'applicator')
    const change = (body: object) => own.patch(`/api/jobs/${lookJobId}`).send(body)
    expect((await change({ dueOn: '2025-07-01' })).status).toBe(403)
    expect((await change({ status: 'dropped' })).status).toBe(403)
    // Looks are recorded by looking: the server says so, and not that it is somebody else's.
    expect((await change({ status: 'done' })).status).not.toBe(403)
    const scout = await clientOf('A scout', stand.placeId, 'scout')
    expect((await scout.patch(`/api/jobs/${lookJobId}`).send({ status: 'done' })).status).toBe(403)
  })
})

describe('a key of a program', () => {
  async function keyAt(rights: readonly string[]) {
    const { stand } = await standWithRemedy()
    const body = { id: newId(), name: 'Weather post', rights, days: 30 }
    const made = await post<TokenMadeDto>(`/places/${stand.placeId}/tokens`, body)
    const program = supertest.agent(openApp).set('authorization', `Bearer ${made.token}`)
    return { stand, made, program, path: `/api/places/${stand.placeId}` }
  }

  it('does what it was made for, at its place, and nothing that is a person’s own', async () => {
    const { stand, program, path } = await keyAt(['see', 'look'])
    expect((await program.get(`${path}/stands`)).status).toBe(403)
    expect((await program.get(`${path}/planning`)).status).toBe(200)
    const reading = await program.post(`/api/stands/${stand.id}/readings`).send(readingBody())
    expect([reading.status, reading.body.createdBy]).toEqual([201, 'Tess Marlow'])
    const { body } = await program.post(`${path}/stands`).send(standBody())
    expect(body.detail).toMatch(/^This key was not made to decide on remedies/)
    const other = await newPlace()
    expect((await program.get(`/api/places/${other.id}/planning`)).status).toBe(404)
    for (const own of ['/api/me', '/api/places', '/api/me/sessions'])
      expect((await program.get(own)).status).toBe(403)
    const more = { id: newId(), name: 'Another', rights: ['see'], days: 30 }
    expect((await program.post(`${path}/tokens`).send(more)).status).toBe(403)
  })

  it('can do no more than whoever made it, also where they may less since', async () => {
    const { stand, path } = await keyAt(['see'])
    const { own } = await guestAt(stand.placeId, 'scout')
    const body = { id: newId(), name: 'Probe', rights: ['look'], days: 30 }
    expect((await own.post(`${path}/tokens`).send({ ...body, rights: ['plan'] })).status).toBe(403)
    const made = (await own.post(`${path}/tokens`).send(body)).body as TokenMadeDto
    const program = supertest.agent(openApp).set('authorization', `Bearer ${made.token}`)
    const read = () => program.post(`/api/stands/${stand.id}/readings`).send(readingBody())
    expect((await read()).status).toBe(201)
    const { id } = await meOf(own)
    await patch(`/places/${stand.placeId}/people/${id}`, { role: 'adviser' })
    expect((await read()).status).toBe(403)
    await patch(`/places/${stand.placeId}/people/${id}`, { isGone: true })
    expect((await read()).status).toBe(401)
  })

  it('opens nothing once it is withdrawn or past its day, and is kept nowhere', async () => {
    const { made, program, path } = await keyAt(['see'])
    const rows = await db.select().from(apiToken).where(eq(apiToken.id, made.id))
    expect(JSON.stringify(rows)).not.toContain(made.token)
    await db.update(apiToken).set({ expiresOn: '2025-01-01' }).where(eq(apiToken.id, made.id))
    expect((await program.get(`${path}/planning`)).status).toBe(401)
    await db.update(apiToken).set({ expiresOn: '2099-01-01' }).where(eq(apiToken.id, made.id))
    expect((await program.get(`${path}/planning`)).status).toBe(200)
    await patch(`${path.replace('/api', '')}/tokens/${made.id}`, { isWithdrawn: true })
    expect((await program.get(`${path}/planning`)).status).toBe(401)
  })
})

describe('the audit of a place', () => {
  it('holds who did what from where, sign-ins and refusals among it, and goes out whole', async () => {
    const { stand } = await standWithRemedy()
    const { placeId } = stand
    const { own, signInName, password } = await guestAt(placeId, 'scout', '=SUM(A1)')
    await own.post(`/api/stands/${stand.id}/readings`).send(readingBody()).expect(201)
    await own.post(`/api/places/${placeId}/stands`).send(standBody()).expect(403)
    await browser().post('/api/sessions').send({ signInName, password: 'wrong' }).expect(401)
    await browser().post('/api/sessions').send({ signInName, password }).expect(201)
    const stranger = await guestAt((await newPlace()).id, 'owner', 'A stranger')
    await stranger.own.get(`/api/stands/${stand.id}`).expect(404)
    const { lines } = await get<AuditPageDto>(`/places/${placeId}/audit`)
    expect(lines.map(({ act }) => act)).toEqual(
      expect.arrayContaining(['invited', 'came-in', 'signed-in', 'changed', 'sign-in-refused']),
    )
    const refusals = lines.filter(({ act }) => act === 'refused')
    expect(refusals.map(({ actor, subject }) => [actor, subject])).toEqual([
      ['A stranger', `A stand with its whole story (/stands/${stand.id})`],
      ['=SUM(A1)', `Adds a stand to a place (/places/${placeId}/stands)`],
    ])
    expect(lines.every(({ address, requestId }) => address !== '' && requestId !== '')).toBe(true)
    expect(JSON.stringify(lines)).not.toContain(password)
    const page = await get<AuditPageDto>(`/places/${placeId}/audit?limit=2`)
    const rest = await get<AuditPageDto>(`/places/${placeId}/audit?limit=200&before=${page.next}`)
    expect([...page.lines, ...rest.lines]).toEqual(lines)
    const file = await browser().get(`/api/places/${placeId}/audit.csv`)
    expect(file.status).toBe(401)
    const { text } = await (await clientOf('An owner', placeId, 'owner')).get(`/api/places/${placeId}/audit.csv`) // prettier-ignore
    const rows = text.trimEnd().split('\r\n')
    expect(rows.length).toBeGreaterThanOrEqual(lines.length + 1)
    expect(text).toContain("'=SUM(A1)")
  })

  it('cannot be changed or removed, not even by the server', async () => {
    await linkTo((await newPlace()).id, 'scout')
    await expect(db.update(audit).set({ actor: 'nobody' })).rejects.toThrow()
    await expect(db.delete(audit)).rejects.toThrow()
    const [row] = await db.select({ count: sql<number>`count(*)` }).from(audit)
    expect(Number(row?.count)).toBeGreaterThan(0)
  })
})
