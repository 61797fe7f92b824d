import { createHash, randomBytes } from 'node:crypto'

/** As long as it takes that nobody guesses it [byte]. */
const secretBytes = 32

/** A secret that is told once, to whoever it is for. */
export const newSecret = (): string => randomBytes(secretBytes).toString('base64url')

/** What is kept of a secret: enough to know it again, and not enough to use it. */
export const fingerprintOf = (secret: string): string =>
  createHash('sha256').update(secret).digest('hex')
