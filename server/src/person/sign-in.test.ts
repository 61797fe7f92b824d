import type { MeDto, SessionDto } from '@spudder/contract/person'
import { desc, eq } from 'drizzle-orm'
import { TOTP, Secret } from 'otpauth'
import supertest from 'supertest'
import { describe, expect, it } from 'vitest'
import { createApp, type AppParts } from '../app.ts'
import { fingerprintOf } from '../access/secret.ts'
import { person, session } from '../database/schema.ts'
import { db, newPlace, parts } from '../tests/test-estate.ts'
import { browser, goodPassword, guestAt, linkTo, newName, secretIn } from './tests/guests.ts'

const signIn = (signInName: string, password: string, code?: string) =>
  browser()
    .post('/api/sessions')
    .send({ signInName, password, ...(code && { code }) })

describe('signing in', () => {
  it('gives the device a secret that scripts cannot read, and knows who shows it', async () => {
    const { id } = await newPlace()
    const { signInName, password } = await guestAt(id, 'scout')
    const own = browser()
    expect((await own.get('/api/me')).status).toBe(401)
    const answer = await own.post('/api/sessions').send({ signInName, password })
    expect(answer.status).toBe(201)
    expect(secretIn(answer)?.cookie).toMatch(/HttpOnly; SameSite=Lax/)
    const me = (await own.get('/api/me')).body as MeDto
    expect(me).toMatchObject({ name: 'Ona Birch', isAlone: false, hasPassword: true, eyes: [] })
    expect(me.places).toEqual([{ placeId: id, role: 'scout', untilDay: null }])
    expect((await own.get('/api/places')).body).toMatchObject([{ id }])
    // The name is the same in capital letters; the password is not.
    expect((await signIn(signInName.toUpperCase(), password)).status).toBe(201)
    expect((await signIn(signInName, password.toUpperCase())).status).toBe(401)
  })

  it('says the same of a wrong password and of a name that nobody has', async () => {
    const { signInName } = await guestAt((await newPlace()).id, 'scout')
    const known = await signIn(signInName, 'not the one, not at all')
    const unknown = await signIn(newName(), 'not the one, not at all')
    const said = ({ status, body }: typeof known) => [status, body.code, body.detail]
    expect(said(known)).toEqual(said(unknown))
    expect(secretIn(known)).toBeUndefined()
  })

  it('is closed for a name after ten wrong passwords, even to the right one, and for no other', async () => {
    const { id } = await newPlace()
    const [one, other] = [await guestAt(id, 'scout'), await guestAt(id, 'scout')]
    for (let at = 0; at < 10; at += 1)
      expect((await signIn(one.signInName, `wrong ${at}, and wrong`)).status).toBe(401)
    const closed = await signIn(one.signInName, one.password)
    expect([closed.status, closed.body.code]).toEqual([429, 'too-often'])
    expect(closed.headers['retry-after']).toBe('60')
    expect((await signIn(other.signInName, other.password)).status).toBe(201)
  })

  it('takes no secret that somebody else planted, and ends the one that was there', async () => {
    const { signInName, password } = await guestAt((await newPlace()).id, 'scout')
    const own = browser()
    const planted = 'a'.repeat(43)
    const first = await own
      .post('/api/sessions')
      .set('cookie', `spudder=${planted}`)
      .send({ signInName, password })
    const before = secretIn(first)?.secret
    expect(before).not.toBe(planted)
    const after = secretIn(await own.post('/api/sessions').send({ signInName, password }))?.secret
    expect(after).not.toBe(before)
    const shows = (secret: string | undefined) =>
      browser().get('/api/me').set('cookie', `spudder=${secret}`)
    expect((await shows(planted)).status).toBe(401)
    expect((await shows(before)).status).toBe(401)
    expect((await shows(after)).status).toBe(200)
    await own.post('/api/sessions/ended').expect(201)
    expect((await shows(after)).status).toBe(401)
  })
})

describe('behind a proxy', () => {
  const sentBy = async (change: Partial<AppParts>) => {
    const { signInName, password } = await guestAt((await newPlace()).id, 'scout')
    const own = supertest.agent(createApp({ ...parts, isPrivate: false, ...change }))
    const answer = await own
      .post('/api/sessions')
      .set('x-forwarded-proto', 'https')
      .set('x-forwarded-for', '192.0.2.9')
      .send({ signInName, password })
    expect(answer.status).toBe(201)
    const [cookie = ''] = answer.headers['set-cookie'] as unknown as readonly string[]
    const [row] = await db
      .select({ address: session.address })
      .from(session)
      .innerJoin(person, eq(person.id, session.personId))
      .where(eq(person.signInName, signInName))
      .orderBy(desc(session.createdAt))
      .limit(1)
    return { cookie, address: row?.address }
  }

  it('whose word is taken, a secret goes over TLS alone, and the address is the person’s', async () => {
    const { cookie, address } = await sentBy({ trustedProxies: ['127.0.0.1', '::1', '::ffff:127.0.0.1'] }) // prettier-ignore
    expect(cookie).toMatch(/^__Host-spudder=.*Path=\/;.*Secure/)
    expect(address).toBe('192.0.2.9')
  })

  it('of which nobody spoke, what it says is not taken', async () => {
    const { cookie, address } = await sentBy({})
    expect(cookie).toMatch(/^spudder=/)
    expect(address).not.toBe('192.0.2.9')
  })
})

describe('a secret', () => {
  async function shownBy(change: Partial<typeof session.$inferInsert>) {
    const { signInName, password } = await guestAt((await newPlace()).id, 'scout')
    const secret = secretIn(await signIn(signInName, password))?.secret ?? ''
    await db
      .update(session)
      .set(change)
      .where(eq(session.token, fingerprintOf(secret)))
    const show = (own: string) => browser().get('/api/me').set('cookie', `spudder=${own}`)
    return { secret, show }
  }
  const ago = (hours: number) => new Date(Date.now() - hours * 3_600_000)

  it('is another after a day; the one before is taken for a minute, and then ends the sign-in', async () => {
    const { secret, show } = await shownBy({ turnedAt: ago(25) })
    const turned = await show(secret)
    const next = secretIn(turned)?.secret ?? ''
    expect(next).not.toBe(secret)
    const late = await show(secret)
    expect([late.status, secretIn(late)]).toEqual([200, undefined])
    await db
      .update(session)
      .set({ turnedAt: ago(0.1) })
      .where(eq(session.token, fingerprintOf(next)))
    // Only a copy is shown as late as this: neither goes on.
    expect((await show(secret)).status).toBe(401)
    expect((await show(next)).status).toBe(401)
  })

  it('opens nothing after a fortnight unused, nor after ninety days', async () => {
    for (const change of [{ seenAt: ago(15 * 24) }, { createdAt: ago(91 * 24), seenAt: ago(0) }]) {
      const { secret, show } = await shownBy(change)
      expect((await show(secret)).status).toBe(401)
    }
  })

  it('stands nowhere in the database', async () => {
    const { secret } = await shownBy({ isEnded: false })
    const rows = await db.select().from(session)
    expect(JSON.stringify(rows)).not.toContain(secret)
  })
})

describe('one’s own', () => {
  it('devices are listed and ended, by nobody else', async () => {
    const { id } = await newPlace()
    const { own, signInName, password } = await guestAt(id, 'scout')
    const phone = browser()
    await phone.post('/api/sessions').set('user-agent', 'Mozilla/5.0 (Linux; Android 15) Chrome/140.0').send({ signInName, password }) // prettier-ignore
    const devices = (await own.get('/api/me/sessions')).body as SessionDto[]
    const other = devices.find(({ isThis }) => !isThis)
    expect([devices.length, other?.device]).toEqual([2, 'Chrome on Android'])
    const stranger = await guestAt(id, 'owner')
    const path = `/api/me/sessions/${other?.id}`
    expect((await stranger.own.patch(path)).status).toBe(404)
    expect((await own.patch(path)).body).toHaveLength(1)
    expect((await phone.get('/api/me')).status).toBe(401)
  })

  it('password is changed with the one before, is no common one, and ends other devices', async () => {
    const { own, signInName, password } = await guestAt((await newPlace()).id, 'scout')
    const phone = browser()
    await phone.post('/api/sessions').send({ signInName, password })
    const change = (body: object) => own.post('/api/me/password').send(body)
    const next = goodPassword()
    expect((await change({ password: next })).status).toBe(401)
    for (const poor of ['password1234', 'aaaaaaaaaaaaaaaa', `${signInName}`, 'qwertyuiopasdf'])
      expect((await change({ current: password, password: poor })).body.fields).toMatchObject([
        { field: 'password' },
      ])
    expect((await change({ current: password, password: 'short one' })).status).toBe(400)
    expect((await change({ current: password, password: next })).status).toBe(201)
    expect((await phone.get('/api/me')).status).toBe(401)
    expect((await own.get('/api/me')).status).toBe(200)
    expect((await signIn(signInName, next)).status).toBe(201)
  })

  it('codes are asked for once one was typed, and each is taken once', async () => {
    const { own, signInName, password } = await guestAt((await newPlace()).id, 'scout')
    const { body } = await own.post('/api/me/codes').send({ password })
    const app = new TOTP({ secret: Secret.fromBase32(body.secret as string) })
    expect(body.address).toContain('issuer=Spudder')
    const codeAt = (steps: number) => app.generate({ timestamp: Date.now() + steps * 30_000 })
    expect((await own.post('/api/me/codes/on').send({ code: codeAt(90) })).status).toBe(401)
    expect((await signIn(signInName, password)).status).toBe(201)
    const first = codeAt(-1)
    expect((await own.post('/api/me/codes/on').send({ code: first })).status).toBe(201)
    expect((await signIn(signInName, password)).body.code).toBe('code-needed')
    expect((await signIn(signInName, password, first)).body.code).toBe('sign-in-failed')
    const next = codeAt(0)
    expect((await signIn(signInName, password, next)).status).toBe(201)
    expect((await signIn(signInName, password, next)).status).toBe(401)
    expect((await own.post('/api/me/codes/off').send({ password })).status).toBe(201)
    expect((await signIn(signInName, password)).status).toBe(201)
  })
})

describe('a link', () => {
  it('leads to what it says, lets one in once, and not with a poor password', async () => {
    const place = await newPlace()
    const { token } = await linkTo(place.id, 'inspector', { untilDay: '2099-01-01' })
    const own = browser()
    const view = await own.get(`/api/invitations/${token}`)
    expect(view.body).toMatchObject({ placeName: place.name, role: 'inspector', untilDay: '2099-01-01', name: 'Ona Birch', createdBy: 'Tess Marlow' }) // prettier-ignore
    const accept = (password: string) =>
      own
        .post(`/api/invitations/${token}/accepted`)
        .send({ name: 'Ona Birch', signInName: newName(), password })
    expect((await accept('password1234')).status).toBe(400)
    expect((await accept(goodPassword())).status).toBe(201)
    expect((await own.get(`/api/places/${place.id}/entries`)).status).toBe(200)
    expect((await accept(goodPassword())).status).toBe(404)
    expect((await browser().get(`/api/invitations/${token}`)).status).toBe(404)
  })

  it('takes no sign-in name that somebody has, and stays open for another', async () => {
    const { id } = await newPlace()
    const { signInName } = await guestAt(id, 'scout')
    const { token } = await linkTo(id, 'scout')
    const accept = (name: string) =>
      browser()
        .post(`/api/invitations/${token}/accepted`)
        .send({ name: 'Ona', signInName: name, password: goodPassword() })
    expect((await accept(signInName)).body).toMatchObject({ code: 'conflict', fields: [{ field: 'signInName' }] }) // prettier-ignore
    expect((await accept(newName())).status).toBe(201)
  })

  it('brings whoever is signed in to one place more', async () => {
    const [one, other] = [await newPlace(), await newPlace()]
    const { own } = await guestAt(one.id, 'scout')
    const { token } = await linkTo(other.id, 'adviser')
    expect((await own.post(`/api/invitations/${token}/accepted`).send({})).status).toBe(201)
    const { places } = (await own.get('/api/me')).body as MeDto
    expect(places.map(({ placeId, role }) => [placeId, role])).toEqual([
      [one.id, 'scout'],
      [other.id, 'adviser'],
    ])
  })
})
