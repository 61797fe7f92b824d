import { formatDecimals, formatNumber, typedNumber } from '../../base/writing/index.ts'
import { requireInRange } from '../../base/error/index.ts'
import type { Sourced } from '../../base/reference/index.ts'
import { findSource, sourceKinds, type SourceId } from '../../material/source/index.ts'
import { fishLimits, metalsThatHurtFish } from './data/fish-limits.ts'

export interface DoseInput {
  readonly presentMgPerL: number
  readonly wantedMgPerL: number
  readonly volumeL: number
  /** Iron in the product by mass, over 0 to 0.8 [1]. */
  readonly contentShare: number
  /** Days over which it is shared where nothing asks for more. */
  readonly days: number
  readonly hasFish: boolean
  readonly isSalt: boolean
  /** Newest readings of the solution, where there are any. */
  readonly pH?: number | undefined
  readonly ammoniumMgPerLN?: number | undefined
  readonly nitriteMgPerLN?: number | undefined
}

/** One day's dose. */
export interface DoseStep {
  readonly productKg: number
  /** Where the solution stands after it, if nothing is taken up or lost [mg/L]. */
  readonly reachesMgPerL: number
}

/** Something to put right before a dose, or that forbids it. */
export interface DoseWarning extends Sourced {
  readonly id: 'salt-with-fish' | 'pH' | 'ammonium' | 'nitrite' | 'enough'
  readonly words: string
  readonly stops: boolean
}

export interface DosePlan {
  readonly steps: readonly DoseStep[]
  readonly pourAt: string
  readonly warnings: readonly DoseWarning[]
}

const warn = (
  id: DoseWarning['id'],
  words: string,
  from: Sourced,
  stops: DoseWarning['stops'] = false,
): DoseWarning => ({ id, words, stops, source: from.source, mark: from.mark })

function fishWarnings(input: DoseInput): DoseWarning[] {
  const { pH, ammoniumMgPerLN, nitriteMgPerLN } = input
  const limits = fishLimits
  const practice: Sourced = { source: 'common practice', mark: 'C' }
  return [
    ...(input.isSalt
      ? [
          warn(
            'salt-with-fish',
            'No salt of iron, zinc or copper with fish: it harms their gills. Take a chelate.',
            practice,
            true,
          ),
        ]
      : []),
    ...(pH !== undefined && (pH < limits.lowestPH.value || pH > limits.highestPH.value)
      ? [
          warn(
            'pH',
            `pH ${formatDecimals(pH, 1)}: bring it between ${typedNumber(limits.lowestPH.value)} and ${typedNumber(limits.highestPH.value)} first, by steps that fish bear.`,
            limits.highestPH,
          ),
        ]
      : []),
    ...(ammoniumMgPerLN !== undefined && ammoniumMgPerLN > limits.ammoniumMgPerLN.value
      ? [
          warn(
            'ammonium',
            `Ammonium stands at ${formatNumber(ammoniumMgPerLN)} mg/L N: the filter is behind. Feed less and wait.`,
            limits.ammoniumMgPerLN,
          ),
        ]
      : []),
    ...(nitriteMgPerLN !== undefined && nitriteMgPerLN > limits.nitriteMgPerLN.value
      ? [
          warn(
            'nitrite',
            `Nitrite stands at ${formatNumber(nitriteMgPerLN)} mg/L N: fish are in trouble already. Wait with the iron.`,
            limits.nitriteMgPerLN,
          ),
        ]
      : []),
  ]
}

/**
 * Whether it is an open salt of a metal that fish do not bear.
 * @throws {CoreError} unknown-name
 */
export function isSaltThatHurtsFish(sourceId: SourceId): boolean {
  const { kind, nutrient } = findSource(sourceId)
  return sourceKinds[kind].inTank === 'salt' && metalsThatHurtFish.includes(nutrient)
}

/**
 * Days over which a dose is shared: at least as asked, more where fish bear only so much a day.
 * @throws {CoreError} out-of-range
 */
function doseDays(
  riseMgPerL: number,
  { days, hasFish }: Pick<DoseInput, 'days' | 'hasFish'>,
): number {
  requireInRange('days', days, { min: 1, max: 14 })
  const gently = hasFish ? Math.ceil(riseMgPerL / fishLimits.risePerDayMgPerL.value - 1e-9) : 1
  return Math.max(days, gently)
}

/**
 * Brings the iron of a solution to a strength, a share a day.
 * @returns no steps where there is enough already
 * @throws {CoreError} out-of-range, not-a-number
 * @source definition; limits carry their own source
 */
export function planDose(input: DoseInput): DosePlan {
  const { presentMgPerL, wantedMgPerL, volumeL, contentShare, hasFish } = input
  requireInRange('present', presentMgPerL, { min: 0, max: 1000, unit: 'mg/L' })
  requireInRange('wanted', wantedMgPerL, { min: 0.01, max: 100, unit: 'mg/L' })
  requireInRange('volume', volumeL, { min: 0.1, max: 1e7, unit: 'L' })
  requireInRange('contentShare', contentShare, { min: 1e-4, max: 0.8 })
  const rise = wantedMgPerL - presentMgPerL
  const count = rise > 0 ? doseDays(rise, input) : 0
  const productKg = (Math.max(0, rise) * volumeL * 1e-6) / contentShare
  const steps = Array.from({ length: count }, (_, index): DoseStep => ({
    productKg: productKg / count,
    reachesMgPerL: presentMgPerL + (rise * (index + 1)) / count,
  }))
  const enough =
    rise > 0
      ? []
      : [
          warn(
            'enough',
            `There are ${formatNumber(presentMgPerL)} mg/L already: pale leaves want another reason. Look at pH and roots.`,
            { source: 'definition', mark: 'D' },
            true,
          ),
        ]
  return {
    steps,
    pourAt: hasFish
      ? 'where the water moves most, farthest from the fish: behind the filter, before the rafts'
      : 'into the mixing tank, where the pump draws',
    warnings: [...enough, ...(hasFish ? fishWarnings(input) : [])],
  }
}
