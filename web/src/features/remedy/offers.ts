import { formatAtMost, formatDecimals } from '@spudder/core/base/writing'
import { percent } from '@spudder/core/base/quantity'
import {
  candidateOfSource,
  catalogueCandidates,
  rankCandidates,
  rankOtherSources,
  type AimId,
  type Candidate,
  type ChoiceInput,
  type PlantPH,
  type Fitness,
  type RankedCandidate,
  type RankedOtherSource,
} from '@spudder/core/material/choice'
import type { Medium } from '@spudder/core/material/persistence'
import type { Context, Growth, Route, StandSize } from '@spudder/core/stand/plant'
import { amountFor, type Rate } from '@spudder/core/material/rate'
import type { FigureRange, Sourced } from '@spudder/core/base/reference'
import {
  contentWords,
  ironSources,
  type OtherNutrient,
  type Response,
  type SourceId,
  sourceKinds,
} from '@spudder/core/material/source'

/** Something that can be chosen as the quick fix: a form of the catalogue or a product of the shelf. */
export interface Offer {
  readonly id: string
  readonly name: string
  readonly origin: 'catalogue' | 'shelf'
  /** With its label and price; none for what is no source of iron. */
  readonly candidate: Candidate | undefined
  readonly sourceId: SourceId
  readonly nutrientWord: string
  readonly fitness: Fitness
  readonly start: FigureRange
  readonly costPerWorkingKg: FigureRange | undefined
  readonly perApplication: FigureRange | undefined
  readonly season: FigureRange | undefined
  readonly applications: number
  /** Nitrogen of one application [kg/m²]; 0 where it brings none or the stand has no area. */
  readonly nitrogenKgPerM2: number
  /** Micronutrients that a season of it leaves [kg/m²]. */
  readonly buildUp: readonly { readonly nutrient: string; readonly kgPerM2: number }[]
  readonly contentShare: number
  readonly rates: readonly Rate[]
  readonly reasons: readonly string[]
  /** Short facts: stain, days to the first change, nitrogen, organic. */
  readonly facts: readonly string[]
  readonly remark: string
  readonly priceFrom: Sourced
}

export interface OfferFacts {
  readonly nutrient: 'Fe' | OtherNutrient
  readonly context: Context
  readonly growth: Growth
  readonly route: Route
  readonly aimId: AimId
  readonly medium: Medium
  readonly isPHKnown: boolean
  readonly plantPH: PlantPH
  readonly size: StandSize
  readonly shelf: readonly Candidate[]
  readonly presentIronMgPerL: number | undefined
  /** How leaves of the stand answer, by what its place taught; absent: as published. */
  readonly expects?: ((published: Response) => Response) | undefined
}

const stainWords = { rust: 'stains rust', red: 'stains red', little: 'stains little' } as const
const organicWords = {
  often: 'often allowed in organic growing',
  seldom: 'seldom allowed in organic growing',
  ask: 'organic: ask the certifier',
} as const

/** What the choice of iron is made from. */
export const choiceInputOf = ({
  context,
  growth,
  route,
  aimId,
  medium,
  size,
  shelf,
  presentIronMgPerL,
  expects,
}: OfferFacts): ChoiceInput => ({
  context,
  growth,
  route,
  aimId,
  medium,
  size,
  candidates: [...shelf, ...catalogueCandidates()],
  expects,
  ...(presentIronMgPerL === undefined ? {} : { presentIronMgPerL }),
})

function ofIron(ranked: RankedCandidate): Offer {
  const { candidate, bill, response } = ranked
  const { low, high } = response.firstChange
  return {
    id: candidate.id,
    name: candidate.name,
    origin: candidate.origin,
    candidate,
    sourceId: candidate.source.id,
    nutrientWord: 'iron',
    fitness: ranked.fitness,
    start: ranked.start,
    costPerWorkingKg: ranked.costPerWorkingKg,
    perApplication: bill?.perApplication,
    season: bill?.season,
    applications: ranked.applications,
    nitrogenKgPerM2: bill?.nitrogenKgPerM2 ?? 0,
    buildUp: bill?.buildUp ?? [],
    contentShare: candidate.label.iron / 100,
    rates: ranked.rates,
    reasons: ranked.reasons,
    facts: [
      `first change in ${low}-${high} days`,
      stainWords[candidate.stains],
      organicWords[candidate.organic],
      ...(candidate.nitrogenShare > 0
        ? [`${formatAtMost(candidate.nitrogenShare * 100, 1)} % nitrogen`]
        : []),
    ],
    remark: candidate.source.remark,
    priceFrom: candidate.pricePerKg,
  }
}

function ofOther(ranked: RankedOtherSource, { size, route, medium }: OfferFacts): Offer {
  const { source, working, costPerWorkingKg: cost, rates } = ranked
  const nutrientWord = contentWords[source.nutrient]
  const [rate] = rates
  const amount =
    rate &&
    amountFor({
      rate,
      rateValue: rate.rate.usual,
      size,
      contentShare: source.contentShare.usual,
      ...(rate.carrier ? { carrierValue: rate.carrier.usual } : {}),
    })
  const spent = amount && amount.productKg * source.pricePerKg.usual
  const same = (value: number | undefined): FigureRange | undefined =>
    value === undefined ? undefined : { low: value, usual: value, high: value }
  const where =
    route === 'leaf' ? 'on the leaf' : `in the ${route} at pH ${formatDecimals(medium.pH, 1)}`
  return {
    id: source.id,
    name: source.name,
    origin: 'catalogue',
    candidate: undefined,
    sourceId: source.id,
    nutrientWord,
    fitness: ranked.fitness,
    start: working,
    costPerWorkingKg: same(cost),
    perApplication: same(spent),
    season: same(spent),
    applications: 1,
    nitrogenKgPerM2: 0,
    buildUp: [],
    contentShare: source.contentShare.usual,
    rates,
    reasons: [
      ...(ranked.against ? [ranked.against.words] : []),
      `About ${percent(working.usual)} of its ${nutrientWord} is of use ${where} (${percent(working.low)} to ${percent(working.high)}; ${working.source}).`,
      source.remark,
    ],
    facts: [],
    remark: source.remark,
    priceFrom: source.pricePerKg,
  }
}

/** What can be chosen for the stand, best first. */
export function offersFor(facts: OfferFacts): readonly Offer[] {
  const { nutrient, context, growth, route, medium } = facts
  if (nutrient === 'Fe') return rankCandidates(choiceInputOf(facts)).map(ofIron)
  const { isPHKnown, plantPH } = facts
  const asked = { nutrient, context, growth, route, medium, isPHKnown, plantPH }
  return rankOtherSources(asked).map((each) => ofOther(each, facts))
}

/** What is no source of iron in a season, whatever its percentage. */
export const neverOffered = (): readonly Candidate[] =>
  ironSources
    .filter(({ kind }) => !sourceKinds[kind].dissolves)
    .map(({ id }) => candidateOfSource(id))
