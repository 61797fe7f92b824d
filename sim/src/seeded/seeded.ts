import { randomLcg, randomNormal } from 'd3-random'

/** A number from 0 to 1 that belongs to a name: the same name, the same number (FNV-1a). */
function seedOf(name: string): number {
  let hash = 0x811c9dc5
  for (const character of name) {
    hash ^= character.codePointAt(0) ?? 0
    hash = Math.imul(hash, 0x01000193)
  }
  return (hash >>> 0) / 0x1_0000_0000
}

/** One even draw that belongs to a name. */
export function drawFor(name: string): number {
  const random = randomLcg(seedOf(name))
  random()
  return random()
}

/** One draw of a bell curve (mean 0, deviation 1) that belongs to a name. */
export function bellDrawFor(name: string): number {
  const random = randomLcg(seedOf(name))
  random()
  return randomNormal.source(random)(0, 1)()
}

/** An id that belongs to a name, in the form of a UUID. */
export function idFor(name: string): string {
  const digits = Array.from({ length: 4 }, (_, part) =>
    Math.floor(seedOf(`${part}:${name}`) * 0x1_0000_0000)
      .toString(16)
      .padStart(8, '0'),
  ).join('')
  const version = `4${digits.slice(13, 16)}`
  const variant = `8${digits.slice(17, 20)}`
  return [digits.slice(0, 8), digits.slice(8, 12), version, variant, digits.slice(20, 32)].join('-')
}
