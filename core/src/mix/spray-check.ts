import type { Source } from '../source/index.ts'
import type { Context, Route } from '../plant/index.ts'
import { formatNumber } from '../quantity/index.ts'
import type { Sourced } from '../reference/index.ts'
import { leafBurnLimit, runOffCarrierLPerM2 } from './data/limits.ts'

export interface SprayCheckInput {
  readonly context: Context
  readonly route: Route
  readonly source: Pick<Source, 'kind' | 'nutrient'>
  readonly productKg: number
  readonly carrierL: number
  /** Ground covered [m²]; absent where the stand has no area. */
  readonly areaM2?: number
}

/** Something about a mix that a careful person would stop at. */
export interface MixWarning extends Sourced {
  readonly id: 'runs-off' | 'leaf-burn'
  readonly words: string
}

/** What is wrong with a leaf spray before it is mixed: too much water, or too strong. */
export function checkSpray(input: SprayCheckInput): readonly MixWarning[] {
  if (input.route !== 'leaf' || input.carrierL <= 0) return []
  const warnings: MixWarning[] = []
  const waterPerM2 = input.areaM2 ? input.carrierL / input.areaM2 : 0
  if (waterPerM2 > runOffCarrierLPerM2.value * 1.001) {
    const times = formatNumber(waterPerM2 / runOffCarrierLPerM2.value, 2)
    warnings.push({
      id: 'runs-off',
      words: `Most of this runs off the leaf: ${times} times the 40 gal/acre (374 L/ha) that stays on. Use less water or a finer spray.`,
      source: runOffCarrierLPerM2.source,
      mark: runOffCarrierLPerM2.mark,
    })
  }
  const limit = leafBurnLimit[input.context]
  const strength = input.productKg / input.carrierL
  const isSulfate = input.source.kind === 'salt' && input.source.nutrient === 'Fe'
  if (limit && isSulfate && strength > limit.value * 1.001) {
    warnings.push({
      id: 'leaf-burn',
      words: `This spray is ${formatNumber(strength * 100, 2)} %: over the ${formatNumber(limit.value * 100)} % that these leaves bear. Use more water or a lower rate.`,
      source: limit.source,
      mark: limit.mark,
    })
  }
  return warnings
}
