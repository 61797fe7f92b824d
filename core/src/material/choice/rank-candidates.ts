import type { Route } from '../../stand/plant/index.ts'
import { amountFor, type Rate } from '../rate/index.ts'
import type { FigureRange } from '../../base/reference/index.ts'
import { ratesFor, responseFor, type Response } from '../source/index.ts'
import type { Candidate } from './candidate.ts'
import { courseOf } from './course-of.ts'
import { aims, type Aim } from './data/aims.ts'
import { traceShare, weakFrom, worksFrom } from './data/fitness.ts'
import type {
  Bill,
  ChoiceInput,
  Fitness,
  RankedCandidate,
  Shortcoming,
} from './ranked-candidate.ts'
import { reasonsFor } from './reasons.ts'

const middle = ({ low, high }: { low: number; high: number }): number => (low + high) / 2

/**
 * Days that one application has to last: to the next one, or to the end of the aim.
 * @param times how long it lasts on this stand, as times the usual
 */
function lastsDaysOf(rate: Rate | undefined, aim: Aim, times: number): number {
  const interval = rate?.intervalDays ? middle(rate.intervalDays) * times : aim.horizonDays
  return Math.min(interval, aim.horizonDays)
}

function gradeOf(start: FigureRange): Fitness {
  if (start.usual >= worksFrom.value && start.low >= weakFrom.value) return 'works'
  return start.usual >= weakFrom.value ? 'weak' : 'fails'
}

function costOf({ pricePerKg, label }: Candidate, held: FigureRange): FigureRange | undefined {
  if (held.usual < traceShare.value) return undefined
  const perKg = (price: number, share: number) => price / ((label.iron / 100) * share)
  return {
    low: perKg(pricePerKg.low, Math.max(held.high, held.usual)),
    usual: perKg(pricePerKg.usual, held.usual),
    high: perKg(pricePerKg.high, Math.max(held.low, traceShare.value)),
  }
}

function billOf(
  candidate: Candidate,
  rate: Rate | undefined,
  { size, presentIronMgPerL }: ChoiceInput,
  applications: number,
): Bill | undefined {
  if (!rate) return undefined
  const amount = amountFor({
    rate,
    rateValue: rate.rate.usual,
    size,
    contentShare: candidate.label.iron / 100,
    ...(rate.carrier ? { carrierValue: rate.carrier.usual } : {}),
    ...(presentIronMgPerL === undefined ? {} : { presentIronMgPerL }),
  })
  const times = (count: number): FigureRange => ({
    low: candidate.pricePerKg.low * amount.productKg * count,
    usual: candidate.pricePerKg.usual * amount.productKg * count,
    high: candidate.pricePerKg.high * amount.productKg * count,
  })
  const areaM2 = size.kind === 'area' ? size.areaM2 : undefined
  const buildUp = Object.entries(candidate.micronutrients)
    .filter(([, share]) => share > 0)
    .map(([nutrient, share]) => ({
      nutrient,
      kgPerM2: areaM2 === undefined ? 0 : (share * amount.productKg * applications) / areaM2,
    }))
  return {
    amount,
    perApplication: times(1),
    season: times(applications),
    nitrogenKgPerM2:
      areaM2 === undefined ? undefined : (candidate.nitrogenShare * amount.productKg) / areaM2,
    buildUp,
  }
}

function shortcomingsOf(
  {
    candidate,
    route,
    aim,
    response,
  }: { candidate: Candidate; route: Route; aim: Aim; response: Response },
  still: FigureRange | undefined,
  start: FigureRange,
): readonly Shortcoming[] {
  return [
    ...(route === 'leaf' && candidate.source.leaf.isTooBig ? (['wrong-route'] as const) : []),
    ...(aim.showsWithinDays !== undefined && response.firstChange.low > aim.showsWithinDays
      ? (['too-slow'] as const)
      : []),
    ...(still && start.usual >= weakFrom.value && still.usual < start.usual / 4
      ? (['does-not-last'] as const)
      : []),
    ...(candidate.isPossible ? [] : (['impossible-label'] as const)),
  ]
}

function rankOne(candidate: Candidate, input: ChoiceInput): RankedCandidate {
  const { context, route, aimId, medium } = input
  const aim: Aim = aims[aimId]
  const rates = ratesFor(input, route, candidate.source.id)
  const published = responseFor(route, candidate.source.id, context)
  const response = input.expects?.(published) ?? published
  const times = middle(response.fades) / middle(published.fades)
  const lastsDays = lastsDaysOf(rates[0], aim, times)
  const course = courseOf(candidate, route, medium)
  const start = course.at(0)
  const held = course.mean(lastsDays)
  const still = aim.holdsUntilDay === undefined ? undefined : course.at(aim.holdsUntilDay)
  const shortcomings = shortcomingsOf({ candidate, route, aim, response }, still, start)
  const grade = gradeOf(start)
  const fitness = grade === 'works' && shortcomings.length > 0 ? 'weak' : grade
  const applications = Math.max(1, Math.round(aim.horizonDays / lastsDays))
  const ranked = {
    candidate,
    fitness,
    shortcomings,
    start,
    held,
    lastsDays,
    applications,
    costPerWorkingKg: costOf(candidate, held),
    rates,
    bill: billOf(candidate, rates[0], input, applications),
    response,
  }
  return { ...ranked, reasons: reasonsFor(ranked, input) }
}

const gradeOrder: Readonly<Record<Fitness, number>> = { works: 0, weak: 1, fails: 2 }

/**
 * Candidates for a stand, route and aim, best first: those that work before those that do not; of
 * those that work, the cheapest kilogram of working iron first; of the rest, the most working iron.
 * @throws {CoreError} out-of-range, not-applicable
 */
export const rankCandidates = (input: ChoiceInput): readonly RankedCandidate[] =>
  input.candidates
    .map((candidate) => rankOne(candidate, input))
    .toSorted((a, b) => {
      const byGrade = gradeOrder[a.fitness] - gradeOrder[b.fitness]
      if (byGrade !== 0) return byGrade
      return a.fitness === 'works'
        ? (a.costPerWorkingKg?.usual ?? Infinity) - (b.costPerWorkingKg?.usual ?? Infinity)
        : b.start.usual - a.start.usual || b.start.high - a.start.high
    })
