import { hash, verify } from '@node-rs/argon2'
import { ZxcvbnFactory } from '@zxcvbn-ts/core'
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common'
import { ServiceError } from '../problem/service-error.ts'

/**
 * Argon2id with 19 MiB, 2 passes, 1 lane: the least that OWASP's password storage cheat sheet (2025) asks
 * for, published. The package's kind is Argon2id unless said otherwise.
 */
const cost = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const

export const hashOf = (password: string): Promise<string> => hash(password, cost)

/** What is verified against where nobody has a name: it takes as long as a real one, and never fits. */
const nobodys = hashOf('nobody has this, and nobody can type it: \u0000')

/** Whether a password is the one; for a name that nobody has, it takes as long to find out. */
export async function isPassword(kept: string | null, password: string): Promise<boolean> {
  const isRight = await verify(kept ?? (await nobodys), password)
  return kept !== null && isRight
}

/** Passwords that were found in breaches, names of keys beside each other, repeats, years. */
const judge = new ZxcvbnFactory({ dictionary: { ...dictionary }, graphs: adjacencyGraphs })
/** Of 0 to 4; 3 holds 10⁸ guesses and more, by the package's own scale. */
const leastScore = 3
/** What is beyond is not judged: it makes nothing weaker, and takes long. */
const judged = 100

/**
 * @param own words of the person, which make a poor password
 * @throws {ServiceError} invalid-body for one that is soon guessed
 */
export function requireGoodPassword(password: string, own: readonly string[]): void {
  const words = own.flatMap((word) => [word, ...word.split(/[^\p{L}\p{N}]+/u)])
  const { score } = judge.check(password.slice(0, judged), [...words, 'spudder'].filter(Boolean))
  if (score >= leastScore) return
  const message =
    'Password: this one is soon guessed, or stands in lists of stolen ones. Take a few words that do not belong together.'
  throw new ServiceError('invalid-body', message, [{ field: 'password', message }])
}
