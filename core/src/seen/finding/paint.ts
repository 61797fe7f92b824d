import { CoreError } from '../../base/error/index.ts'
import {
  findingVocabulary,
  type LeafPattern,
  type LeafTier,
  type Severity,
} from './data/vocabulary.ts'
import type { Findings } from './findings.ts'

/** What a person painted onto one leaf of the figure. */
export interface LeafPaint {
  readonly severity: Severity
  readonly pattern: LeafPattern
}

/** A leaf of the figure: its name and its age, 0 the youngest to 1 the oldest. */
export interface AgedLeaf {
  readonly id: string
  readonly age: number
}

/** Paint by leaf; a leaf that is absent is green. */
export type Paint = Readonly<Record<string, LeafPaint>>

const isAffected = (paint: LeafPaint | undefined): paint is LeafPaint =>
  paint !== undefined && paint.severity > 0

/** Which third of the leaf ages counts as affected: at least half of its leaves. */
const countsFrom = 0.5

/** The tier of a third of the leaf ages that is affected alone. */
const aloneOf = ['youngest-only', 'middle', 'oldest-only'] as const

/** All that is affected lies in one third of the ages, however few leaves that are. */
function tierAlone(leaves: readonly AgedLeaf[], paint: Paint): LeafTier | undefined {
  const thirds = new Set(
    leaves
      .filter(({ id }) => isAffected(paint[id]))
      .map(({ age }) => Math.min(2, Math.floor(age * 3 + 1e-9))),
  )
  const [third] = thirds
  return thirds.size === 1 && third !== undefined ? aloneOf[third] : undefined
}

function affectedShare(leaves: readonly AgedLeaf[], paint: Paint): number {
  if (leaves.length === 0) return 0
  return leaves.filter((leaf) => isAffected(paint[leaf.id])).length / leaves.length
}

function tierOf(leaves: readonly AgedLeaf[], paint: Paint): LeafTier {
  const share = (from: number, to: number) =>
    affectedShare(
      leaves.filter((leaf) => leaf.age >= from && leaf.age < to),
      paint,
    )
  const young = share(-1, 1 / 3) >= countsFrom
  const middle = share(1 / 3, 2 / 3) >= countsFrom
  const old = share(2 / 3, 2) >= countsFrom
  const alone = tierAlone(leaves, paint)
  if (alone) return alone
  if (young && middle && old) return 'all'
  if (young && old) return 'scattered'
  if (young) return middle ? 'youngest-spreading-down' : 'youngest-only'
  if (old) return middle ? 'oldest-spreading-up' : 'oldest-only'
  return middle ? 'middle' : 'scattered'
}

function commonest(patterns: readonly LeafPaint[]): LeafPattern {
  const weight = new Map<LeafPattern, number>()
  for (const { pattern, severity } of patterns) {
    weight.set(pattern, (weight.get(pattern) ?? 0) + severity)
  }
  return [...weight].reduce((best, next) => (next[1] > best[1] ? next : best))[0]
}

/** The oldest third. */
export const isOld = ({ age }: AgedLeaf): boolean => age >= 2 / 3

/** What the oldest leaves show, where it is not what the others show. */
function oldPatternOf(leaves: readonly AgedLeaf[], paint: Paint): Findings {
  const paintedOn = (of: (leaf: AgedLeaf) => boolean) =>
    leaves
      .filter(of)
      .map((leaf) => paint[leaf.id])
      .filter(isAffected)
  const [old, others] = [paintedOn(isOld), paintedOn((leaf) => !isOld(leaf))]
  if (old.length < 2 || others.length === 0) return {}
  const [pattern, usual] = [commonest(old), commonest(others)]
  const isWord = Object.hasOwn(findingVocabulary.oldPattern.values, pattern)
  return pattern !== usual && isWord ? { oldPattern: pattern } : {}
}

/** The pattern of the plant: that of the younger leaves, where the oldest show another. */
function patternOf(leaves: readonly AgedLeaf[], paint: Paint, differs: boolean): LeafPattern {
  const told = differs ? leaves.filter((leaf) => !isOld(leaf)) : leaves
  return commonest(told.map((leaf) => paint[leaf.id]).filter(isAffected))
}

/**
 * The findings that a painted figure amounts to: which tier (where one third of the ages is painted
 * alone, that one, if it be by its newest leaf), the commonest pattern (weighted by
 * severity), that of the oldest leaves where it is another, and the mean severity of the affected
 * leaves, rounded. Nothing painted: no findings.
 */
export function readPaint(leaves: readonly AgedLeaf[], paint: Paint): Findings {
  const affected = leaves.map((leaf) => paint[leaf.id]).filter(isAffected)
  if (affected.length === 0) return {}
  const mean = affected.reduce((sum, { severity }) => sum + severity, 0) / affected.length
  const old = oldPatternOf(leaves, paint)
  return {
    tier: tierOf(leaves, paint),
    pattern: patternOf(leaves, paint, old.oldPattern !== undefined),
    ...old,
    severity: String(Math.round(mean)),
  }
}

type PaintRefusal = 'leaf-unknown' | 'severity-unknown' | 'pattern-unknown'

/**
 * Returns the paint when every leaf is one of the figure and every colour and pattern is known.
 * @throws {CoreError} unknown-name
 */
export function checkPaint(
  leaves: readonly AgedLeaf[],
  paint: Readonly<Record<string, unknown>>,
): Paint {
  const known = new Set(leaves.map(({ id }) => id))
  const refuse = (name: PaintRefusal, received: string) =>
    new CoreError(name, { parameter: 'paint', received })
  for (const [id, leaf] of Object.entries(paint)) {
    if (!known.has(id)) throw refuse('leaf-unknown', id)
    const { severity, pattern } = (leaf ?? {}) as Partial<LeafPaint>
    if (!Object.hasOwn(findingVocabulary.severity.values, String(severity))) {
      throw refuse('severity-unknown', String(severity))
    }
    if (!Object.hasOwn(findingVocabulary.pattern.values, String(pattern))) {
      throw refuse('pattern-unknown', String(pattern))
    }
  }
  return paint as Paint
}
