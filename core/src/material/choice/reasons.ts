import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import { sourceKinds } from '../source/index.ts'
import { compareWithTrade } from '../chemistry/index.ts'
import type { Route } from '../../stand/plant/index.ts'
import { percent } from '../../base/quantity/index.ts'
import { isNone, type FigureRange } from '../../base/reference/index.ts'
import { aims } from './data/aims.ts'
import { greeningNitrogen } from './data/fitness.ts'
import type { ChoiceInput, RankedCandidate } from './ranked-candidate.ts'

/** "84 % (78 to 90 %)", one figure where the range is none. */
function shareWords({ low, usual, high }: FigureRange): string {
  const [from, to] = [percent(low), percent(high)]
  return from === to ? percent(usual) : `${percent(usual)} (${from} to ${to})`
}

const places: Readonly<Record<Exclude<Route, 'leaf'>, string>> = {
  soil: 'in the soil',
  solution: 'in the solution',
}

/** Why the calculation of a chelate differs from what the trade finds, by ligand. */
const differences = new Map(
  compareWithTrade().map(({ ligandId, why }) => [ligandId as string, why] as const),
)

/** What to hold against the calculation, in soil. */
function doubtOfCalculation({ candidate }: Ranked, { route }: ChoiceInput): string[] {
  const { boundBy } = candidate.source
  const why = isNone(boundBy) ? '' : (differences.get(boundBy.ligand.id) ?? '')
  return route === 'soil' && why !== '' ? [why] : []
}

function chemistry(
  { candidate, start, shortcomings }: Ranked,
  { route, medium }: ChoiceInput,
): string {
  if (shortcomings.includes('impossible-label')) {
    return 'Its label cannot be as it stands: read it again before you buy or use it.'
  }
  if (route === 'leaf') {
    return shortcomings.includes('wrong-route')
      ? 'Wrong route: too big a molecule to enter the leaf, and it leaves a film.'
      : 'Enters through the leaf, so soil pH does not matter; new leaves need it again.'
  }
  const { kind } = candidate.source
  const what = kind === 'salt' && route === 'solution' ? 'calculated' : sourceKinds[kind].knownBy
  return `At pH ${formatDecimals(medium.pH, 1)} ${shareWords(start)} of its iron is of use ${places[route]} (${what}).`
}

type Ranked = Omit<RankedCandidate, 'reasons'>

function time({ held, lastsDays, shortcomings, response }: Ranked): string[] {
  const { low, high } = response.firstChange
  const said = [
    `Over the ${Math.round(lastsDays)} days it has to last, ${shareWords(held)} on average.`,
    `First change after ${low}-${high} days.`,
  ]
  if (shortcomings.includes('too-slow')) said.push('Too slow for quick colour.')
  if (shortcomings.includes('does-not-last')) {
    said.push('Most of it is gone before it is needed.')
  }
  return said
}

function company({ bill }: Ranked): string[] {
  if (!bill) return []
  const said: string[] = []
  if ((bill.nitrogenKgPerM2 ?? 0) >= greeningNitrogen.value) {
    said.push('Its nitrogen greens turf by itself: do not give iron all the credit.')
  }
  const building = bill.buildUp.map(({ nutrient }) => nutrient)
  if (building.length > 0) {
    said.push(`Repeats build up ${building.join(', ')}; test the soil before another season of it.`)
  }
  return said
}

/** Why a candidate stands where it does, in words. */
export function reasonsFor(ranked: Ranked, input: ChoiceInput): readonly string[] {
  const { costPerWorkingKg, applications } = ranked
  const aim = aims[input.aimId].label
  const money =
    costPerWorkingKg === undefined
      ? 'Next to none of it works here: what is paid for it is lost.'
      : `A kilogram of iron at work costs ${formatNumber(costPerWorkingKg.usual, 2)}; ${applications === 1 ? 'one application' : `${applications} applications`} for ${aim}.`
  return [
    chemistry(ranked, input),
    ...doubtOfCalculation(ranked, input),
    ...time(ranked),
    money,
    ...company(ranked),
  ]
}
