import type { NoticeKind } from '@spudder/core/days/notice'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import { serveMail, type SimulatedMail } from '@spudder/sim/mail'
import { eq } from 'drizzle-orm'
import { pino } from 'pino'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { person } from '../database/schema.ts'
import { openMailer, type Mailer } from '../mail/mailer.ts'
import { clientOf, db, newId, patch, services, standWithRemedy } from '../tests/test-estate.ts'
import { tellAll } from './tell.service.ts'

let mail: SimulatedMail
let mailer: Mailer
beforeAll(async () => {
  mail = await serveMail()
  const settings = { url: `smtp://127.0.0.1:${mail.port}`, from: 'Spudder <spudder@alder.example>' }
  mailer = openMailer(settings, pino({ level: 'silent' }))
})
afterAll(async () => {
  mailer.close()
  await mail.stop()
})
// Nobody of another test is written to.
beforeEach(() => db.update(person).set({ email: null }).then(() => undefined)) // prettier-ignore

const noon = () => {
  const at = new Date()
  at.setHours(12, 0, 0, 0)
  return at
}
const stage = (by: Mailer = mailer) => ({ db, weather: services.weather, mailer: by, pusher: undefined, address: 'https://spudder.example' }) // prettier-ignore
const lettersTo = (address: string) =>
  mail.letters.filter(({ to }) => to.includes(address)).map(({ raw }) => raw.replace(/=\r\n/g, ''))

/** Somebody with overdue work at a place, who has letters sent. */
async function addressee(
  kinds: readonly NoticeKind[],
  role: 'applicator' | 'inspector' = 'applicator',
) {
  const { stand, applyJobId } = await standWithRemedy()
  await patch(`/jobs/${applyJobId}`, { dueOn: addDays(dateToDay(new Date()), -2), version: 1 })
  const own = await clientOf('Piet Loam', stand.placeId, role)
  const email = `piet-${newId().slice(0, 8)}@alder.example`
  await own.patch('/api/me').send({ email, mailKinds: kinds }).expect(200)
  return { own, email, stand }
}

describe('letters', () => {
  it('tell what is chosen, once, whichever server writes them', async () => {
    const { email, stand } = await addressee(['overdue'])
    await Promise.all([tellAll(stage(), noon()), tellAll(stage(), noon())])
    expect(lettersTo(email)).toHaveLength(1)
    const [letter = ''] = lettersTo(email)
    expect(letter).toMatch(/^From: Spudder <spudder@alder\.example>/m)
    expect(letter).toContain(`- ${stand.name}:`)
    expect(letter).toContain('overdue for 2 days')
    expect(letter).toContain('Open: https://spudder.example')
    await tellAll(stage(), noon())
    expect(lettersTo(email)).toHaveLength(1)
  })

  it('that the server does not take are written again in the next round', async () => {
    const { email } = await addressee(['overdue'])
    const away: Mailer = { send: () => Promise.resolve(false), close: () => undefined }
    expect(await tellAll(stage(away), noon())).toBe(0)
    expect(await tellAll(stage(), noon())).toBeGreaterThan(0)
    expect(lettersTo(email)).toHaveLength(1)
  })

  it('are not written at night, nor of what nobody chose, nor of what one may not see', async () => {
    const night = noon()
    night.setHours(3)
    const [chosen, none, inspector] = [
      await addressee(['overdue']),
      await addressee([]),
      await addressee(['overdue'], 'inspector'),
    ]
    await tellAll(stage(), night)
    expect(lettersTo(chosen.email)).toEqual([])
    await tellAll(stage(), noon())
    expect([none, inspector].map(({ email }) => lettersTo(email))).toEqual([[], []])
  })

  it('tell of a changed password at once', async () => {
    const { own, email } = await addressee([])
    const password = `orchard kettle ${newId().slice(0, 8)}`
    const signInName = `piet-${newId().slice(0, 8)}`
    const { id } = (await own.get('/api/me')).body as { id: string }
    await db.update(person).set({ signInName }).where(eq(person.id, id))
    await own.post('/api/me/password').send({ password }).expect(201)
    await tellAll(stage(), new Date())
    expect(lettersTo(email).join('\n')).toMatch(/Subject: Spudder: Piet Loam set a password/)
  })

  it('go to addresses alone', async () => {
    const { own } = await addressee([])
    for (const email of ['nowhere', 'a@b', 'a@b.example\r\nBcc: c@d.example'])
      expect((await own.patch('/api/me').send({ email })).status).toBe(400)
  })
})
