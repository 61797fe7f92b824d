import { createHash } from 'node:crypto'

/**
 * An id that is the same whenever the same is stored again, so that nothing is stored twice: version 8 of
 * RFC 9562.
 */
export function derivedId(...from: readonly (string | number)[]): string {
  const hex = createHash('sha256').update(from.join(' ')).digest('hex')
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-8${hex.slice(13, 16)}-9${hex.slice(17, 20)}-${hex.slice(20, 32)}`
}
