import { requireInRange } from '../../base/error/index.ts'
import type { MetalId } from '../source/index.ts'
import {
  calciteToBicarbonate,
  calciteToCarbonDioxide,
  calciumCap,
  fieldCopperCap,
  fieldShareLog,
  fieldZincCap,
  ironSolids,
  limeSoilOtherAnions,
  magnesiumToCalcium,
  sodicCarbonDioxide,
  soilCopper,
  soilManganese,
  soilZinc,
  type IronSolidId,
} from './data/soil-solids.ts'

/** Where the calcium in the soil's water comes from. */
export type CalciumRule =
  /** Balanced against bicarbonate and the other anions; the soil is at lime or as good as. */
  | { readonly kind: 'lime'; readonly otherAnionsMeqPerL?: number }
  | { readonly kind: 'measured'; readonly calciumMmolPerL: number }
  /** Sodic soil: carbon dioxide fixed, so that calcium vanishes as pH rises. */
  | { readonly kind: 'sodic' }

/** Zinc and copper that compete: none, what a field usually has, or all that soil minerals allow. */
export const competitors = ['none', 'field', 'full'] as const
export type Competition = (typeof competitors)[number]

export interface SoilConditions {
  readonly ironSolid?: IronSolidId
  readonly calcium?: CalciumRule
  readonly competition?: Competition
  /** Whether manganese of the soil competes too. */
  readonly manganese?: 'none' | 'soil'
}

/** log10 of the activity of each free metal; minus infinity where there is none. */
export type MetalActivities = Readonly<Record<MetalId, number>>

/** Calcium of a lime soil [log M]: 2 Ca = HCO3 + other anions, HCO3 = 10^(1.85 - pH) / Ca. */
function limeCalcium(pH: number, otherAnionsMeqPerL: number): number {
  const others = otherAnionsMeqPerL * 1e-3
  const calcium =
    (others + Math.sqrt(others ** 2 + 8 * 10 ** (calciteToBicarbonate.value - pH))) / 4
  return Math.min(calciumCap.value, Math.log10(calcium))
}

/**
 * Calcium in the water of a soil.
 * @param pH 2.5 to 11 [pH]
 * @returns log10 of the concentration [mol/L]
 * @throws {CoreError} out-of-range
 * @source Lindsay 1979 for calcite; charge balance
 */
export function logCalcium(pH: number, rule: CalciumRule = { kind: 'lime' }): number {
  switch (rule.kind) {
    case 'lime': {
      const { otherAnionsMeqPerL = limeSoilOtherAnions.value } = rule
      requireInRange('otherAnionsMeqPerL', otherAnionsMeqPerL, { min: 0, max: 200, unit: 'meq/L' })
      return limeCalcium(pH, otherAnionsMeqPerL)
    }
    case 'measured':
      requireInRange('calciumMmolPerL', rule.calciumMmolPerL, {
        min: 1e-4,
        max: 100,
        unit: 'mmol/L',
      })
      return Math.log10(rule.calciumMmolPerL * 1e-3)
    case 'sodic':
      return Math.min(
        calciumCap.value,
        calciteToCarbonDioxide.value - 2 * pH - sodicCarbonDioxide.value,
      )
  }
}

function zincAndCopper(pH: number, competition: Competition): { Zn: number; Cu: number } {
  if (competition === 'none') return { Zn: -Infinity, Cu: -Infinity }
  const [zinc, copper] = [soilZinc.value - 2 * pH, soilCopper.value - 2 * pH]
  if (competition === 'full') return { Zn: zinc, Cu: copper }
  return {
    Zn: Math.min(zinc + fieldShareLog.value, fieldZincCap.value),
    Cu: Math.min(copper + fieldShareLog.value, fieldCopperCap.value),
  }
}

/**
 * Free metals in the water of a soil, each held by its solid.
 * @param pH 2.5 to 11
 * @throws {CoreError} out-of-range
 * @source Lindsay 1979
 */
export function soilMetals(pH: number, conditions: SoilConditions = {}): MetalActivities {
  requireInRange('pH', pH, { min: 2.5, max: 11 })
  const { ironSolid = 'soil-iron', calcium, competition = 'field', manganese = 'none' } = conditions
  return {
    Fe: ironSolids[ironSolid].value - 3 * pH,
    Ca: logCalcium(pH, calcium),
    Mg: logCalcium(pH, calcium) + magnesiumToCalcium.value,
    Mn: manganese === 'soil' ? soilManganese.value - 2 * pH : -Infinity,
    ...zincAndCopper(pH, competition),
  }
}
