import { formatNumber } from '../../base/writing/index.ts'
import { CoreError, requireInRange } from '../../base/error/index.ts'
import type { Derivation } from '../../base/reference/index.ts'
import { acidNeeded, mgCaCO3PerMeq, type WaterTest } from './carbonate.ts'

/** Lime that irrigation brings. */
export interface LimeLoad {
  /** [kg CaCO3/ha and year] */
  readonly kgPerHa: number
  /** The same as base [mol/m² and year]. */
  readonly molPerM2: number
  readonly derivation: Derivation
}

const mgPerHaOfMillimetre = 1e4
const squareMetresPerHa = 1e4

/**
 * Lime that water brings in a year.
 * @param mmPerYear 0 to 5000 [mm]
 * @param alkalinityMgPerL 0 to 1500 [mg/L CaCO3]
 * @throws {CoreError} out-of-range, not-a-number
 * @source definition: a millimetre is ten thousand litres on a hectare
 */
export function limeLoad(mmPerYear: number, alkalinityMgPerL: number): LimeLoad {
  requireInRange('water', mmPerYear, { min: 0, max: 5000, unit: 'mm a year' })
  requireInRange('alkalinity', alkalinityMgPerL, { min: 0, max: 1500, unit: 'mg/L CaCO3' })
  const kgPerHa = (mmPerYear * mgPerHaOfMillimetre * alkalinityMgPerL) / 1e6
  return {
    kgPerHa,
    molPerM2: (kgPerHa * 1000) / mgCaCO3PerMeq / squareMetresPerHa,
    derivation: {
      figure: 'Lime from the water',
      formula: 'water a year × alkalinity',
      inputs: [
        { label: 'water', value: `${formatNumber(mmPerYear)} mm a year` },
        { label: 'alkalinity', value: `${formatNumber(alkalinityMgPerL)} mg/L CaCO3` },
      ],
      result: `${formatNumber(kgPerHa, 3)} kg CaCO3/ha a year`,
      source: 'a millimetre is ten thousand litres on a hectare',
      mark: 'D',
    },
  }
}

/** Halvings of the span between two pH; far below what a meter reads. */
const halvings = 40

/**
 * The pH at which acid has left a residual alkalinity.
 * @param residual 0 to below the alkalinity of the water [mg/L CaCO3]
 * @throws {CoreError} out-of-range, not-applicable where the water has no more than that
 * @source closed carbonate system, solved by halving
 */
export function pHAtAlkalinity(water: WaterTest, residual: number): number {
  const { alkalinityMgPerLCaCO3: alkalinity, pH } = water
  requireInRange('alkalinity to leave', residual, { min: 0, max: 1500, unit: 'mg/L CaCO3' })
  if (residual >= alkalinity) {
    throw new CoreError('alkalinity-above-water', {
      parameter: 'alkalinity to leave',
      values: { mgPerL: alkalinity },
      received: formatNumber(residual),
    })
  }
  // Waters above pH 9 lose next to no alkalinity down to it.
  let [low, high] = [4, Math.min(pH, 9)]
  for (let step = 0; step < halvings; step++) {
    const middle = (low + high) / 2
    const left = alkalinity - acidNeeded(water, middle) * mgCaCO3PerMeq
    if (left > residual) high = middle
    else low = middle
  }
  return (low + high) / 2
}
