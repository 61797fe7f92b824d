import { CoreError } from '../../base/error/index.ts'
import { rateText, type UnitSystem } from '../../base/quantity/index.ts'
import { burnHeatC, rateAlone } from '../mix/index.ts'
import { factsOfJob, rateBases, rateOfProduct } from '../../material/rate/index.ts'
import { contentWords, findSource, type SourceId } from '../../material/source/index.ts'
import type { Route, StandKind, StandSize, StandMeasures } from '../../stand/plant/index.ts'
import { hazards } from './data/hazards.ts'
import { leafLimits } from './data/leaf-limits.ts'
import { soilLimits } from './data/soil-limits.ts'
import { solutionLimits } from './data/solution-limits.ts'
import type { HazardLimit } from './hazard-limit.ts'
import { familyOf } from './source-family.ts'

export const hazardLimits: readonly HazardLimit[] = [
  ...leafLimits,
  ...soilLimits,
  ...solutionLimits,
]

/** What goes onto a stand at once, as far as its limits go. */
export interface LimitedWork extends StandKind {
  readonly route: Route
  readonly sourceId: SourceId
  readonly size: StandSize
  readonly measures?: StandMeasures | undefined
  readonly productKg: number
  readonly carrierL: number
  readonly contentShare: number
  /** Of the nutrient, in a solution already [mg/L]. */
  readonly presentMgPerL?: number | undefined
  /** Warmest hour expected on the day [°C]. */
  readonly maxC?: number | undefined
}

/**
 * The limits that hold for a source by a route on a kind of stand.
 * @throws {CoreError} unknown-name
 */
export function limitsFor(
  { context, growth }: StandKind,
  route: Route,
  sourceId: SourceId,
): readonly HazardLimit[] {
  const { nutrient } = findSource(sourceId)
  const family = familyOf(sourceId)
  return hazardLimits.filter(
    (limit) =>
      limit.route === route &&
      limit.nutrient === nutrient &&
      limit.families.includes(family) &&
      (limit.only?.includes(sourceId) ?? true) &&
      !limit.except?.includes(sourceId) &&
      limit.contexts.includes(context) &&
      (limit.growths?.includes(growth) ?? true),
  )
}

/** How work stands to one of its limits. */
export interface LimitStanding {
  readonly limit: HazardLimit
  /** What it comes to, in the unit of the limit. */
  readonly value: number
  /** Where it stops on this day [unit of the limit]. */
  readonly stop: number
  readonly kind: 'within' | 'over high' | 'over stop'
}

/** Rounding that a limit forgives. */
const slack = 1.001

function valueOf(limit: HazardLimit, work: LimitedWork): number | undefined {
  try {
    const { value } = rateOfProduct(
      work.productKg,
      limit,
      factsOfJob({ ...work, measures: work.measures ?? {} }, work.carrierL, work.route),
    )
    return value + (rateBases[limit.basis].countsPresent ? (work.presentMgPerL ?? 0) : 0)
  } catch (error) {
    // A stand of which that is not known, as the ground under trees: its other limits hold it.
    if (error instanceof CoreError) return undefined
    throw error
  }
}

/**
 * Work beside every limit that can be compared with it.
 * @throws {CoreError} unknown-name
 */
export function limitStandings(work: LimitedWork): readonly LimitStanding[] {
  // Where it is hot a leaf bears no more than practice gives it.
  const isHot = work.maxC !== undefined && work.maxC > burnHeatC.wait.value
  return limitsFor(work, work.route, work.sourceId).flatMap((limit): LimitStanding[] => {
    const value = valueOf(limit, work)
    if (value === undefined) return []
    const stop = isHot && limit.hazard === 'leaf burn' ? limit.high : limit.stop
    const isOver = (most: number) => value > most * slack
    const kind = isOver(stop) ? 'over stop' : isOver(limit.high) ? 'over high' : 'within'
    return [{ limit, value, stop, kind }]
  })
}

/**
 * What a limit counts, in both systems: "8.8 lb/acre (9.9 kg/ha) of iron", "1.5 %".
 * @param value [unit of the limit]
 */
export function limitWords(limit: HazardLimit, value: number): string {
  const saidIn = (system: UnitSystem) =>
    rateText([Number(value.toPrecision(2))], limit.unit, system)
  const [us, metric] = [saidIn('us'), saidIn('metric')]
  const said = us === metric ? us : `${us} (${metric})`
  return rateBases[limit.basis].measured === 'nutrient'
    ? `${said} of ${contentWords[limit.nutrient]}`
    : said
}

/**
 * A sentence on work that is over a limit.
 * @param isRunningOff whether it has more water on the leaf than stays: then water mends nothing
 */
export function standingWords(
  { limit, value, stop, kind }: LimitStanding,
  isRunningOff: boolean,
): string {
  const harm = hazards[limit.hazard]
  const is = limitWords(limit, value)
  const isStrength = rateBases[limit.basis].by === 'carrier'
  const mend = !isStrength ? 'Lower the rate' : isRunningOff ? rateAlone : 'Use more water or a lower rate' // prettier-ignore
  return kind === 'over stop'
    ? `${is} is too much: over ${limitWords(limit, stop)} ${harm}. ${mend}.`
    : `${is} is more than usual: over ${limitWords(limit, limit.high)} it may be that ${harm}. ${mend}, or say why.`
}
