import type { ProblemDto } from '@spudder/contract/problem'
import type { PushStateDto } from '@spudder/contract/push'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import type { NoticeKind } from '@spudder/core/days/notice'
import { servePush, type PracticeSubscription, type SimulatedPush } from '@spudder/sim/push'
import { eq } from 'drizzle-orm'
import { Agent } from 'node:https'
import { pino } from 'pino'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { createApp } from '../app.ts'
import { person, pushSubscription } from '../database/schema.ts'
import { tellAll } from '../tell/tell.service.ts'
import {
  clientOf,
  db,
  newId,
  parts,
  patch,
  services,
  standWithRemedy,
} from '../tests/test-estate.ts'
import { mayBePublic, publicAgent } from './public-only.ts'
import { pushKeysOf } from './push-keys.ts'
import { openPusher, type Pusher } from './pusher.ts'

let service: SimulatedPush
let pusher: Pusher
let app: ReturnType<typeof createApp>
const logger = pino({ level: 'silent' })
beforeAll(async () => {
  service = await servePush()
  pusher = openPusher(await pushKeysOf(db), 'mailto:estate@alder.example', logger, new Agent({ ca: service.ca })) // prettier-ignore
  app = createApp({ ...parts, pusher })
})
afterAll(async () => {
  pusher.close()
  await service.stop()
})
beforeEach(() => db.delete(pushSubscription).then(() => undefined))

const noon = () => {
  const at = new Date()
  at.setHours(12, 0, 0, 0)
  return at
}
const stage = (by: Pusher = pusher) => ({ db, weather: services.weather, mailer: undefined, pusher: by, address: undefined }) // prettier-ignore
const bodyOf = ({ endpoint, keys }: PracticeSubscription, kinds: readonly NoticeKind[]) => ({ endpoint, ...keys, kinds }) // prettier-ignore
const shownAt = ({ endpoint }: PracticeSubscription) =>
  service.receivedAt(endpoint).map((text) => JSON.parse(text) as Record<string, string>)

/** Somebody who works where a job is overdue, signed in on a phone. */
async function worker() {
  const { stand, applyJobId } = await standWithRemedy()
  await patch(`/jobs/${applyJobId}`, { dueOn: addDays(dateToDay(new Date()), -2), version: 1 })
  const own = await clientOf('Piet Loam', stand.placeId, 'applicator', app)
  const push = {
    state: async () => (await own.get('/api/me/push').expect(200)).body as PushStateDto,
    subscribe: (to: PracticeSubscription, kinds: readonly NoticeKind[] = ['overdue']) =>
      own.post('/api/me/push').send(bodyOf(to, kinds)),
    off: (id: string) => own.patch(`/api/me/push/${id}`),
  }
  return { own, push, stand, phone: service.subscribe(pusher.publicKey) }
}

describe('a device', () => {
  it('is told what was chosen on it, sealed, once, whichever server tells', async () => {
    const { push, stand, phone } = await worker()
    const { body } = await push.subscribe(phone).expect(201)
    expect((body as PushStateDto).devices).toMatchObject([{ endpoint: phone.endpoint, kinds: ['overdue'] }]) // prettier-ignore
    await Promise.all([tellAll(stage(), noon()), tellAll(stage(), noon())])
    await tellAll(stage(), noon())
    const shown = shownAt(phone)
    expect(shown).toHaveLength(1)
    expect(shown[0]?.['words']).toContain(`${stand.name}:`)
    expect(shown[0]?.['words']).toContain('overdue for 2 days')
  })

  it('is told beside another of the same person, each of its own', async () => {
    const { push, phone } = await worker()
    const tablet = service.subscribe(pusher.publicKey)
    await push.subscribe(phone).expect(201)
    await push.subscribe(tablet, ['short']).expect(201)
    await tellAll(stage(), noon())
    expect([shownAt(phone).length, shownAt(tablet).length]).toEqual([1, 0])
    // Chosen anew, it is the same device still.
    const { body } = await push.subscribe(tablet, ['overdue']).expect(201)
    expect((body as PushStateDto).devices).toHaveLength(2)
    await tellAll(stage(), noon())
    expect([shownAt(phone).length, shownAt(tablet).length]).toEqual([1, 1])
  })

  it('is told nothing once it is switched off, signed out, or gone', async () => {
    const [off, out, gone] = [await worker(), await worker(), await worker()]
    for (const { push, phone } of [off, out, gone]) await push.subscribe(phone).expect(201)
    const [device] = (await off.push.state()).devices
    await off.push.off(device?.id ?? '').expect(200)
    await out.own.post('/api/sessions/ended').expect(201)
    service.drop(gone.phone.endpoint)
    await tellAll(stage(), noon())
    expect([off, out, gone].map(({ phone }) => shownAt(phone))).toEqual([[], [], []])
    expect((await gone.push.state()).devices).toEqual([])
    await off.push.off(device?.id ?? '').expect(404)
  })

  it('of somebody else is nobody’s to switch off, and is told for whoever asked last', async () => {
    const [one, other] = [await worker(), await worker()]
    await one.push.subscribe(one.phone).expect(201)
    const [device] = (await one.push.state()).devices
    await other.push.off(device?.id ?? '').expect(404)
    await other.push.subscribe(one.phone).expect(201)
    expect((await one.push.state()).devices).toEqual([])
    expect((await other.push.state()).devices).toHaveLength(1)
  })

  it('whose service is away is told in the next round', async () => {
    const { push, phone } = await worker()
    await push.subscribe(phone).expect(201)
    const away: Pusher = { ...pusher, send: () => Promise.resolve('away') }
    expect(await tellAll(stage(away), noon())).toBe(0)
    expect(shownAt(phone)).toEqual([])
    await tellAll(stage(), noon())
    expect(shownAt(phone)).toHaveLength(1)
  })

  it('is told of a changed password at once', async () => {
    const { own, push, phone } = await worker()
    await push.subscribe(phone, ['short']).expect(201)
    const { id } = (await own.get('/api/me')).body as { id: string }
    const signInName = `piet-${newId().slice(0, 8)}`
    await db.update(person).set({ signInName }).where(eq(person.id, id))
    await own
      .post('/api/me/password')
      .send({ password: `orchard kettle ${newId()}` })
      .expect(201)
    await tellAll(stage(), new Date())
    expect(shownAt(phone)[0]).toMatchObject({ title: 'Spudder', path: '/account' })
    expect(shownAt(phone)[0]?.['words']).toContain('Piet Loam set a password')
  })

  it('is told nothing where the operator has none told', async () => {
    const { stand } = await standWithRemedy()
    const own = await clientOf('Piet Loam', stand.placeId, 'applicator')
    expect((await own.get('/api/me/push').expect(200)).body).toEqual({ publicKey: null, devices: [] }) // prettier-ignore
    const answer = await own.post('/api/me/push').send(bodyOf(service.subscribe(pusher.publicKey), ['due'])) // prettier-ignore
    expect([answer.status, (answer.body as ProblemDto).detail]).toEqual([404, expect.stringContaining('SPUDDER_PUSH_CONTACT')]) // prettier-ignore
  })
})

describe('the services of browsers', () => {
  it('are called in the public network alone', async () => {
    const names = ['127.0.0.1', '[::1]', '10.0.0.7', '169.254.169.254', '[::ffff:192.168.1.1]', '[fd00::1]', '0.0.0.0'] // prettier-ignore
    expect(names.filter(mayBePublic)).toEqual([])
    expect(['push.example', '203.0.114.9', '[2606:4700::1]'].filter(mayBePublic)).toHaveLength(3)
    const guarded = openPusher(await pushKeysOf(db), 'mailto:estate@alder.example', logger)
    const { endpoint, keys } = service.subscribe(pusher.publicKey)
    const pushed = { title: 'x', words: 'y', path: '/' }
    expect(await guarded.send({ endpoint, ...keys }, pushed)).toBe('refused')
    // A name that leads here is found out when it is looked up.
    const named = endpoint.replace('127.0.0.1', 'localhost')
    expect(await guarded.send({ endpoint: named, ...keys }, pushed)).toBe('away')
    expect(service.receivedAt(endpoint)).toEqual([])
    guarded.close()
    publicAgent().destroy()
  })

  it('are told by the same keys by every server', async () => {
    const all = await Promise.all(Array.from({ length: 5 }, () => pushKeysOf(db)))
    expect(new Set(all.map(({ publicKey }) => publicKey))).toEqual(new Set([pusher.publicKey]))
  })

  it('take no message of who has other keys', async () => {
    const { endpoint, keys } = service.subscribe(`${pusher.publicKey.slice(0, -2)}AA`)
    const pushed = { title: 'x', words: 'y', path: '/' }
    expect(await pusher.send({ endpoint, ...keys }, pushed)).toBe('refused')
  })
})
