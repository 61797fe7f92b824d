import { requireInRange } from '../../base/error/index.ts'
import type { FigureRange } from '../../base/reference/index.ts'
import {
  asGoodWithin,
  chelateEffect,
  fullFurrowRate,
  leastYield,
  lossPerScore,
  rateCurve,
} from './data/yield-loss.ts'

/** Part of a field with its own score. */
export interface ScoredZone {
  readonly id: string
  readonly name: string
  readonly areaHa: number
  /** Chlorosis score of the variety that stood there, 1 green to 5 dying. */
  readonly score: number
}

export interface Variety {
  readonly name: string
  /** Yield where nothing is pale [t/ha]. */
  readonly yieldTPerHa: number
  /** Share of the score beyond 1 that it is spared, against the one that was scored. */
  readonly tolerance: number
  readonly seedPerHa: number
}

export interface ChelateChoice {
  readonly name: string
  /** Product in the furrow [kg/ha]; 0 for none. */
  readonly kgPerHa: number
  readonly pricePerKg: number
}

export interface ZoneChoice {
  readonly zoneId: string
  readonly variety: Variety
  readonly chelate: ChelateChoice
  /** Score to be expected. */
  readonly score: FigureRange
  readonly yieldTPerHa: FigureRange
  /** Money for the crop less seed and chelate, per hectare. */
  readonly marginPerHa: FigureRange
}

/** Share of the effect that a rate has: it saturates towards the full rate. */
const effectOf = (kgPerHa: number): number =>
  1 - (1 - Math.min(1, kgPerHa / fullFurrowRate.value)) ** rateCurve.value

function choiceOf(
  zone: ScoredZone,
  variety: Variety,
  chelate: ChelateChoice,
  pricePerT: number,
): ZoneChoice {
  const spared = (effect: number) =>
    1 + (zone.score - 1) * (1 - variety.tolerance) * (1 - effect * effectOf(chelate.kgPerHa))
  const score = {
    low: spared(chelateEffect.high),
    usual: spared(chelateEffect.usual),
    high: spared(chelateEffect.low),
  }
  const yields = (of: number, loss: number) =>
    variety.yieldTPerHa * Math.max(leastYield.value, 1 - loss * (of - 1))
  // What makes a score dear makes it dear with chelate and without: least of the one with most of the other.
  const yieldTPerHa = {
    low: yields(score.high, lossPerScore.high),
    usual: yields(score.usual, lossPerScore.usual),
    high: yields(score.low, lossPerScore.low),
  }
  const costs = variety.seedPerHa + chelate.kgPerHa * chelate.pricePerKg
  const margin = (tonnes: number) => tonnes * pricePerT - costs
  return {
    zoneId: zone.id,
    variety,
    chelate,
    score,
    yieldTPerHa,
    marginPerHa: {
      low: margin(yieldTPerHa.low),
      usual: margin(yieldTPerHa.usual),
      high: margin(yieldTPerHa.high),
    },
  }
}

/**
 * Every variety with every chelate in every zone, the best of a zone first.
 * @param pricePerT what the crop fetches [money/t]
 * @throws {CoreError} out-of-range for a score, tolerance, yield or rate that cannot be
 */
export function chooseByZone(
  zones: readonly ScoredZone[],
  varieties: readonly Variety[],
  chelates: readonly ChelateChoice[],
  pricePerT: number,
): ReadonlyMap<string, readonly ZoneChoice[]> {
  for (const { score, areaHa } of zones) {
    requireInRange('score', score, { min: 1, max: 5 })
    requireInRange('areaHa', areaHa, { min: 0, max: 1e6 })
  }
  for (const { tolerance, yieldTPerHa } of varieties) {
    requireInRange('tolerance', tolerance, { min: 0, max: 1 })
    requireInRange('yieldTPerHa', yieldTPerHa, { min: 0, max: 200 })
  }
  for (const { kgPerHa } of chelates) requireInRange('kgPerHa', kgPerHa, { min: 0, max: 50 })
  return new Map(
    zones.map((zone) => [
      zone.id,
      varieties
        .flatMap((variety) =>
          chelates.map((chelate) => choiceOf(zone, variety, chelate, pricePerT)),
        )
        .toSorted((a, b) => b.marginPerHa.usual - a.marginPerHa.usual),
    ]),
  )
}

/** Whether the best choice of a zone pays clearly more than the next, so that it is worth choosing. */
export function isClear(choices: readonly ZoneChoice[]): boolean {
  const [best, next] = choices.map(({ marginPerHa }) => marginPerHa.usual)
  if (best === undefined || next === undefined) return true
  return best - next > asGoodWithin.value * Math.abs(best)
}
