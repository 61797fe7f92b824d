import type { InvitationMadeDto } from '@spudder/contract/person'
import type { Role } from '@spudder/contract/access'
import { parse } from 'cookie'
import supertest from 'supertest'
import { createApp } from '../../app.ts'
import { newId, parts, post } from '../../tests/test-estate.ts'

/** The application as others reach it: nobody works alone there. */
export const openApp = createApp({ ...parts, isPrivate: false })

/** A browser that keeps what it is given. */
export const browser = () => supertest.agent(openApp)
export type Browser = ReturnType<typeof browser>

export const goodPassword = () => `slate heron ${newId().slice(0, 8)} doors`
export const newName = () => `${newId().slice(0, 12)}@birch.example`

/** A link to a place, as its owner makes it. */
export const linkTo = (placeId: string, role: Role, change: object = {}) =>
  post<InvitationMadeDto>(`/places/${placeId}/invitations`, {
    id: newId(),
    name: 'Ona Birch',
    role,
    days: 7,
    ...change,
  })

/** Somebody who came to a place by a link, in a browser of their own. */
export async function guestAt(placeId: string, role: Role, name = 'Ona Birch') {
  const { token } = await linkTo(placeId, role, { name })
  const [signInName, password] = [newName(), goodPassword()]
  const own = browser()
  const answer = await own
    .post(`/api/invitations/${token}/accepted`)
    .send({ name, signInName, password })
  if (answer.status !== 201) throw new Error(JSON.stringify(answer.body))
  return { own, signInName, password, token }
}

/** The secret that an answer gives a device; undefined where it gives none. */
export function secretIn(answer: { readonly headers: Record<string, unknown> }) {
  const [cookie] = (answer.headers['set-cookie'] ?? []) as readonly string[]
  return cookie === undefined ? undefined : { cookie, secret: parse(cookie)['spudder'] ?? '' }
}
