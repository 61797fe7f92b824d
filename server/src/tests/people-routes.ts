import { newId } from './test-estate.ts'

const password = 'slate heron ninety doors'
const signIn = () => ({ signInName: 'ona@birch.example', password })

export const recordLinkBody = () => ({ id: newId(), name: 'The county office', days: 30 })

/** Every route of people that takes a body, with one that it can read; what comes of it is theirs to test. */
export const peopleRoutes = {
  '/me': { method: 'patch', body: () => ({ name: 'Ona Birch', licenceNumber: 'A-17' }) },
  '/me/sign-in-asked': { method: 'post', body: signIn },
  '/me/alone': { method: 'post', body: () => ({ password }) },
  '/me/password': { method: 'post', body: () => ({ current: password, password }) },
  '/me/codes': { method: 'post', body: () => ({ password }) },
  '/me/codes/on': { method: 'post', body: () => ({ code: '123456' }) },
  '/me/codes/off': { method: 'post', body: () => ({ password }) },
  '/me/passkeys': {
    method: 'post',
    body: () => ({ challengeId: newId(), answer: {}, name: 'Phone' }),
  },
  '/me/push': {
    method: 'post',
    body: () => ({
      endpoint: 'https://push.example/a',
      p256dh: 'B'.repeat(87),
      auth: 'a'.repeat(22),
      kinds: ['due'],
    }),
  },
  '/places/:placeId/record-links': { method: 'post', body: recordLinkBody },
  '/places/:placeId/record-links/:linkId': {
    method: 'patch',
    body: () => ({ isWithdrawn: true }),
  },
  '/eyes': { method: 'post', body: () => ({ personId: newId() }) },
  '/sessions': { method: 'post', body: signIn },
  '/sessions/passkeys': { method: 'post', body: () => ({ challengeId: newId(), answer: {} }) },
  '/invitations/:token/accepted': { method: 'post', body: () => ({ name: 'Ona', ...signIn() }) },
  '/places/:placeId/people/:personId': { method: 'patch', body: () => ({ role: 'scout' }) },
  '/places/:placeId/invitations': {
    method: 'post',
    body: () => ({ id: newId(), name: 'Ona', role: 'scout', days: 7 }),
  },
  '/places/:placeId/invitations/:invitationId': {
    method: 'patch',
    body: () => ({ isWithdrawn: true }),
  },
  '/places/:placeId/tokens': {
    method: 'post',
    body: () => ({ id: newId(), name: 'Station', rights: ['see'], days: 30 }),
  },
  '/places/:placeId/tokens/:tokenId': { method: 'patch', body: () => ({ isWithdrawn: true }) },
} satisfies Readonly<Record<string, { method: 'post' | 'patch'; body: () => object }>>
