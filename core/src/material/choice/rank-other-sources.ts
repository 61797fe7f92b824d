import { carriedShares } from '../chemistry/index.ts'
import type { Medium } from '../persistence/index.ts'
import type { Route, StandKind } from '../../stand/plant/index.ts'
import type { Rate } from '../rate/index.ts'
import { isNone, readAtPH, type FigureRange, type Sourced } from '../../base/reference/index.ts'
import {
  knownLigand,
  otherSources,
  ratesFor,
  type KnownOtherSource,
  type OtherNutrient,
} from '../source/index.ts'
import type { Fitness } from './ranked-candidate.ts'
import { otherWorksFrom, traceShare, weakFrom } from './data/fitness.ts'
import { openShare } from './data/other-fate.ts'
import { againstRaising, type PlantPH } from './ground-pH.ts'

/** A source of manganese, zinc or magnesium and how it fares here. */
export interface RankedOtherSource {
  readonly source: KnownOtherSource
  readonly working: FigureRange & Sourced
  readonly fitness: Fitness
  /** Money for a kilogram of the nutrient at work; undefined where next to none works. */
  readonly costPerWorkingKg: number | undefined
  /** Rates of practice by the route; none where it is no good practice. */
  readonly rates: readonly Rate[]
  /** Why it is not for this ground, whatever works of it. */
  readonly against: (Sourced & { readonly words: string }) | undefined
}

type Case = 'low' | 'usual' | 'high'
const cases = ['low', 'usual', 'high'] as const

/** The higher the pH the less; the low case is the highest pH that is likely. */
function openAt(fate: keyof typeof openShare, { pH, doubt }: Medium, which: Case): number {
  const shifted = pH + { low: doubt, usual: 0, high: -doubt }[which]
  return readAtPH(openShare[fate], shifted, which)
}

/** What a chelator still carries of its nutrient once soil iron and calcium have had their turn. */
function shareInSoil(
  { boundBy, nutrient, fate }: KnownOtherSource,
  medium: Medium,
  which: Case,
): number {
  const open = openAt(fate, medium, which)
  if (isNone(boundBy)) return open
  const shares = carriedShares(knownLigand(boundBy.ligand).id, {
    pH: Math.min(11, Math.max(2.5, medium.pH)),
    ...medium.soil,
    competition: 'field',
    manganese: nutrient === 'Mn' ? 'soil' : 'none',
  })
  const carried = shares[nutrient]
  return carried + (1 - carried) * open
}

function workingOf(source: KnownOtherSource, route: Route, medium: Medium): FigureRange & Sourced {
  if (route === 'leaf') return source.entersLeaf
  if (route === 'solution') return source.staysDissolved
  const [low, usual, high] = cases.map((which) => shareInSoil(source, medium, which))
  const from = isNone(source.boundBy)
    ? openShare[source.fate]
    : ({ source: 'chelate equilibria; what is let go fares as the salt', mark: 'D' } as const)
  // Named one by one: the points behind the figure do not belong to it.
  return {
    low: low ?? 0,
    usual: usual ?? 0,
    high: high ?? 0,
    source: from.source,
    mark: from.mark,
  }
}

export interface OtherChoiceInput extends StandKind {
  readonly nutrient: OtherNutrient
  readonly route: Route
  readonly medium: Medium
  /** Whether somebody measured or told the pH of the medium. */
  readonly isPHKnown: boolean
  readonly plantPH: PlantPH
}

/**
 * Sources of a nutrient beside iron for a route at a pH, best first: those that work by money, the
 * others by how much of them works; last those that no practice puts in by this route.
 * @throws {CoreError} out-of-range
 */
export function rankOtherSources({
  nutrient,
  context,
  growth,
  route,
  medium,
  isPHKnown,
  plantPH,
}: OtherChoiceInput): readonly RankedOtherSource[] {
  const grades: readonly Fitness[] = ['works', 'weak', 'fails']
  return otherSources
    .filter((source) => source.nutrient === nutrient)
    .map((source): RankedOtherSource => {
      const working = workingOf(source, route, medium)
      const isIntoSoil = route === 'soil'
      const against = isIntoSoil
        ? againstRaising(source.id, isPHKnown ? medium : undefined, plantPH)
        : undefined
      const rates = against ? [] : ratesFor({ context, growth }, route, source.id)
      const share = working.usual
      const graded =
        share >= otherWorksFrom.value ? 'works' : share >= weakFrom.value ? 'weak' : 'fails'
      return {
        source,
        working,
        fitness: rates.length > 0 ? graded : 'fails',
        costPerWorkingKg:
          share < traceShare.value
            ? undefined
            : source.pricePerKg.usual / (source.contentShare.usual * share),
        rates,
        against,
      }
    })
    .toSorted(
      (a, b) =>
        grades.indexOf(a.fitness) - grades.indexOf(b.fitness) ||
        (a.fitness === 'works'
          ? (a.costPerWorkingKg ?? Infinity) - (b.costPerWorkingKg ?? Infinity)
          : b.working.usual - a.working.usual),
    )
}
