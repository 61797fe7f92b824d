import type { MeDto } from '@spudder/contract/person'
import type { Role } from '@spudder/contract/access'

/** Whoever is signed in, as a test has the server say it. */
export const meAt = (
  placeId: string,
  role: Role = 'owner',
  change: Partial<MeDto> = {},
): MeDto => ({
  id: 'me',
  name: 'Marla Quist',
  signInName: 'marla',
  licenceNumber: '',
  licenceExpiresOn: null,
  email: null,
  mailKinds: [],
  canMail: false,
  hasPassword: true,
  hasCodes: false,
  isAlone: false,
  takesPasskeys: false,
  places: [{ placeId, role, untilDay: null }],
  eyes: [],
  ...change,
})
