import type { AgedLeaf, LeafPaint, Paint } from '@spudder/core/seen/finding'

/** Which leaf ages a tier said in words takes in. */
const tierAges: Readonly<Record<string, (age: number) => boolean>> = {
  'youngest-only': (age) => age < 1 / 3,
  'youngest-spreading-down': (age) => age < 2 / 3,
  all: () => true,
  'oldest-spreading-up': (age) => age >= 1 / 3,
  'oldest-only': (age) => age >= 2 / 3,
  middle: (age) => age >= 1 / 3 && age < 2 / 3,
}

/** Paints the leaves of a tier alike and leaves the others green. */
export function paintTier(leaves: readonly AgedLeaf[], tier: string, brush: LeafPaint): Paint {
  const takesIn = tierAges[tier]
  const painted = takesIn
    ? leaves.filter(({ age }) => takesIn(age))
    : leaves.filter((_, index) => index % 4 === 0)
  return Object.fromEntries(painted.map(({ id }) => [id, brush]))
}
