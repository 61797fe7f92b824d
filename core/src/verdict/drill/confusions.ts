import type { Context } from '../../stand/plant/index.ts'
import { featureLikeness } from '../diagnosis/index.ts'
import { reading } from './data/drill-figures.ts'
import type { DrillKind } from './data/kinds.ts'

/** An answer, as far as it tells what is confused. */
export interface DrillAnswer {
  readonly kind: DrillKind
  readonly context: Context
  /** What is asked for where it is asked which plant, else what is true. */
  readonly causeId: string
  readonly saidId: string
  readonly offered: readonly string[]
  /** By plant, then by what could be said [1]. */
  readonly shares: readonly (readonly number[])[]
}

/** One cause taken for another. */
export interface Confusion {
  /** What it is. */
  readonly causeId: string
  /** What is said of it. */
  readonly takenFor: string
  /** How likely it is that one does so mostly [1]. */
  readonly chance: number
  /** How often it was there to be taken so, and how often it was. */
  readonly met: number
  readonly taken: number
}

/** What somebody is thought to take a cause for, by cause: how likely each [1]. */
type Takes = ReadonlyMap<string, ReadonlyMap<string, number>>

interface Weighed extends DrillAnswer {
  /** How much it still counts: who learns changes [1]. */
  readonly counts: number
}

function normalised(weights: readonly number[]): number[] {
  const total = weights.reduce((sum, each) => sum + each, 0)
  return weights.map((each) => (total > 0 ? each / total : 1 / weights.length))
}

/** What a plant seems to be, to who knows: the likelier by more than its odds. */
const seems = (shares: readonly number[]): number[] =>
  normalised(normalised(shares).map((each) => each ** reading.sharp.value))

/** What it seems to be to who takes some causes for others. */
function mistaken(shares: readonly number[], offered: readonly string[], takes: Takes): number[] {
  const shown = seems(shares)
  const turned = [...shown]
  offered.forEach((causeId, from) => {
    for (const [other, chance] of takes.get(causeId) ?? []) {
      const to = offered.indexOf(other)
      if (to < 0) continue
      const moved = (shown[from] ?? 0) * reading.confuses.value * chance
      turned[to] = (turned[to] ?? 0) + moved
      turned[from] = (turned[from] ?? 0) - moved
    }
  })
  return turned
}

/** How likely an answer is of somebody who takes causes so [1]. */
function chanceOf({ kind, causeId, saidId, offered, shares }: DrillAnswer, takes: Takes): number {
  const seemed = shares.map((each) => mistaken(each, offered, takes))
  const asked = offered.indexOf(causeId)
  const weights =
    kind === 'leaf' ? normalised(seemed.map((each) => each[asked] ?? 0)) : (seemed[0] ?? [])
  const said = weights[offered.indexOf(saidId)] ?? 0
  return (1 - reading.slip.value) * said + reading.slip.value / offered.length
}

/** What a cause may be taken for, before any answer: what looks alike, sooner. */
function priorOf(causeId: string, others: readonly string[], context: Context): number[] {
  const likeness = others.map((other) => featureLikeness(causeId, other, context))
  return normalised(likeness).map((each) => each * reading.before.value)
}

const concerns = ({ offered }: DrillAnswer, causeId: string): boolean => offered.includes(causeId)

/** What one cause is taken for, the others as they are thought to be. */
function takenFor(
  causeId: string,
  others: readonly string[],
  answers: readonly Weighed[],
  takes: Takes,
): ReadonlyMap<string, number> {
  const about = answers.filter((each) => concerns(each, causeId))
  const [first] = about
  if (!first) return new Map()
  const logOf = (as: ReadonlyMap<string, number>) =>
    about.reduce(
      (sum, each) => sum + each.counts * Math.log(chanceOf(each, new Map(takes).set(causeId, as))),
      0,
    )
  const none = logOf(new Map())
  const prior = priorOf(causeId, others, first.context)
  const weights = others.map((other, at) => {
    // What was never said of it can only have become less likely.
    const isSaid = happened(about, causeId, other).taken > 0
    return (prior[at] ?? 0) * (isSaid ? Math.exp(logOf(new Map([[other, 1]])) - none) : 1)
  })
  const total = weights.reduce((sum, each) => sum + each, 1 - reading.before.value)
  return new Map(others.map((other, at) => [other, (weights[at] ?? 0) / total]))
}

const rounds = 3

function countsOf(answers: readonly DrillAnswer[]): readonly Weighed[] {
  return answers.map((each, at) => ({
    ...each,
    counts: 0.5 ** ((answers.length - 1 - at) / reading.halvesAfter.value),
  }))
}

function happened(answers: readonly DrillAnswer[], causeId: string, other: string) {
  const isThere = (each: DrillAnswer) =>
    each.kind === 'leaf'
      ? each.causeId === other && each.offered.includes(causeId)
      : each.causeId === causeId && each.offered.includes(other)
  const there = answers.filter(isThere)
  const said = ({ kind, saidId }: DrillAnswer) => saidId === (kind === 'leaf' ? causeId : other)
  return { met: there.length, taken: there.filter(said).length }
}

/**
 * What somebody takes for what, by the answers given: each cause is taken for at most one other, mostly,
 * or for none. A slip, a look that would have misled anyone, and a confusion are told apart by what
 * who goes by the engine would have thought.
 * @param all answers, oldest first; those of long ago are not looked through
 * @returns the likeliest first; only what was said once at least
 * @source Bayes' rule over the confusions of each cause, the others held as they are thought to be
 */
export function confusionsOf(all: readonly DrillAnswer[]): readonly Confusion[] {
  const answers = all.slice(-reading.looksBack.value)
  const weighed = countsOf(answers)
  const causes = [...new Set(answers.flatMap(({ offered }) => offered))]
  let takes: Takes = new Map()
  for (let round = 0; round < rounds; round += 1) {
    const before = takes
    takes = new Map(
      causes.map((causeId) => {
        const others = causes.filter((each) => each !== causeId)
        return [causeId, takenFor(causeId, others, weighed, before)]
      }),
    )
  }
  return [...takes]
    .flatMap(([causeId, others]) =>
      [...others].map(([other, chance]): Confusion => ({
        causeId,
        takenFor: other,
        chance,
        ...happened(answers, causeId, other),
      })),
    )
    .filter(({ taken }) => taken > 0)
    .toSorted((a, b) => b.chance - a.chance)
}

/** What can be said to somebody, and what is only worth another case. */
export const isNamed = ({ chance }: Confusion): boolean => chance >= reading.namedFrom.value
export const isSuspected = ({ chance }: Confusion): boolean => chance >= reading.suspectedFrom.value
