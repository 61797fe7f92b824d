import { Secret, TOTP } from 'otpauth'
import type { Connection } from '../database/connect.ts'
import { takeStep } from './person.repository.ts'

/** Codes by time (RFC 6238): SHA-1, six figures, 30 s, as every app makes them. */
const periodS = 30
const totpOf = (secret: string, label: string) =>
  new TOTP({
    issuer: 'Spudder',
    label,
    secret: Secret.fromBase32(secret),
    period: periodS,
    digits: 6,
    algorithm: 'SHA1',
  })

/** 160 bits, as RFC 4226 advises (published). */
const secretBytes = 20
export const newCodesSecret = (): string => new Secret({ size: secretBytes }).base32

export const addressOfCodes = (secret: string, label: string): string =>
  totpOf(secret, label).toString()

/** One step either way: clocks of phones differ by some seconds. */
const leeway = 1

/**
 * Whether a code is right now, and was not taken before: one that was looked at over a shoulder is of no
 * use a second time.
 */
export async function takeCode(
  connection: Connection,
  personId: string,
  secret: string,
  code: string,
): Promise<boolean> {
  const timestamp = Date.now()
  const delta = totpOf(secret, '').validate({ token: code, timestamp, window: leeway })
  if (delta === null) return false
  return takeStep(connection, personId, Math.floor(timestamp / 1000 / periodS) + delta)
}
