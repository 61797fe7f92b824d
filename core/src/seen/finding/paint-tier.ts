import type { LeafPattern, Severity } from './data/vocabulary.ts'
import type { Findings } from './findings.ts'
import { isOld, type AgedLeaf, type LeafPaint, type Paint } from './paint.ts'

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

const plainly = '2'

/**
 * Paints a plant by what is found of it: which leaves, their pattern and how bad, and what the oldest
 * show where they differ. A finding of the leaves that is missing is painted as it mostly is.
 */
export function paintFindings(leaves: readonly AgedLeaf[], findings: Findings): Paint {
  const severity = Number(findings.severity ?? plainly) as Severity
  const pattern = (findings.pattern ?? 'even-pale') as LeafPattern
  const painted = paintTier(leaves, findings.tier ?? 'all', { severity, pattern })
  const { oldPattern } = findings
  if (oldPattern === undefined || oldPattern === 'alike') return painted
  const old = leaves.filter((leaf) => isOld(leaf) && painted[leaf.id])
  const brush = { severity, pattern: oldPattern as LeafPattern }
  return { ...painted, ...Object.fromEntries(old.map(({ id }) => [id, brush])) }
}
