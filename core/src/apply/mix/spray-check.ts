import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import { sourceKinds, type Source } from '../../material/source/index.ts'
import type { Context, Route } from '../../stand/plant/index.ts'
import { percent, percentRange, strength } from '../../base/quantity/index.ts'
import type { Sourced } from '../../base/reference/index.ts'
import { leafRetentionAt, type DropClass } from '../sprayer/index.ts'
import {
  burnHeatC,
  leafBurnLimit,
  mostLeafCarrierLPerM2,
  runOffCarrierLPerM2,
} from './data/limits.ts'
import { tooStrong } from './stock.ts'

export interface SprayCheckInput {
  readonly context: Context
  readonly route: Route
  readonly source: Pick<Source, 'id' | 'kind' | 'nutrient'>
  readonly productKg: number
  readonly carrierL: number
  /** Ground covered [m²]; absent where the stand has no area. */
  readonly areaM2?: number
  /** Drops of the sprayer; medium where nobody knows. */
  readonly drop?: DropClass | undefined
  /** Warmest hour expected on the day [°C]. */
  readonly maxC?: number | undefined
}

/** Something about a mix that a careful person would stop at, or that stops it. */
export interface MixWarning extends Sourced {
  readonly id:
    'runs-off' | 'is-a-drench' | 'leaf-burn' | 'try-first' | 'heat' | 'drops' | 'solubility'
  readonly words: string
  /** Nothing goes out like this. */
  readonly stops: boolean
}

/** What is too strong in too much water is mended by the rate alone: neither more nor less water. */
const rateAlone = 'Use a lower rate: more water would run off, less would make it stronger still.'

const waterPerM2Of = ({ carrierL, areaM2 }: SprayCheckInput): number =>
  areaM2 ? carrierL / areaM2 : 0
const isRunningOff = (input: SprayCheckInput): boolean =>
  input.route === 'leaf' && waterPerM2Of(input) > runOffCarrierLPerM2.value * 1.001

function waterWarnings(input: SprayCheckInput, isTooStrong: boolean): MixWarning[] {
  if (!isRunningOff(input)) return []
  const waterPerM2 = waterPerM2Of(input)
  const times = formatNumber(waterPerM2 / runOffCarrierLPerM2.value, 2)
  const { source, mark } = runOffCarrierLPerM2
  if (waterPerM2 > mostLeafCarrierLPerM2.value) {
    return [
      {
        id: 'is-a-drench',
        words: `This is a drench, no spray: ${times} times the 40 gal/acre (374 L/ha) that stays on leaves. Use less water, or choose the way into the soil.`,
        stops: true,
        source: mostLeafCarrierLPerM2.source,
        mark: mostLeafCarrierLPerM2.mark,
      },
    ]
  }
  const { low, usual, high } = leafRetentionAt(waterPerM2, input.drop)
  const mending = isTooStrong ? '' : ' Use less water or a finer spray.'
  return [
    {
      id: 'runs-off',
      words: `Much of this runs off the leaf: ${times} times the 40 gal/acre (374 L/ha) that stays on. About ${percent(usual)} of the iron stays (${percentRange(low, high)}).${mending}`,
      stops: false,
      source,
      mark,
    },
  ]
}

function burnWarnings(input: SprayCheckInput): MixWarning[] {
  const { context, source, productKg, carrierL } = input
  const limit = leafBurnLimit[context]
  if (!limit || source.nutrient !== 'Fe') return []
  const share = productKg / carrierL
  const isSulfate = sourceKinds[source.kind].inTank === 'salt'
  // Nobody states limits for the rest; above what burns by the sulfate a patch is tried first.
  const from = isSulfate
    ? { source: limit.source, mark: limit.mark, stops: false }
    : ({ source: `${limit.source}, read across from sulfate`, mark: 'J', stops: false } as const)
  if (share <= (isSulfate ? limit.tryFirst : limit.most) * 1.001) return []
  if (isSulfate && share > limit.most * 1.001) {
    const words = `This spray is ${strength(share, 2)}: over the ${strength(limit.most, 2)} that these leaves bear. ${isRunningOff(input) ? rateAlone : 'Use more water or a lower rate.'}`
    return [{ id: 'leaf-burn', words, ...from }]
  }
  const words = `At ${strength(share, 2)} soft leaves can burn: spray a small patch first and look two days later.`
  return [{ id: 'try-first', words, ...from }]
}

function heatWarnings({ maxC }: SprayCheckInput): MixWarning[] {
  if (maxC === undefined || maxC <= burnHeatC.wait.value) return []
  const isNever = maxC > burnHeatC.never.value
  return [
    {
      id: 'heat',
      words: isNever
        ? `${formatDecimals(maxC, 0)} °C are expected that day: the spray burns leaves. Take a cooler day, or the first hours of light.`
        : `${formatDecimals(maxC, 0)} °C are expected that day: spray in the cool hours only, not over 29 °C.`,
      stops: false,
      source: burnHeatC.wait.source,
      mark: burnHeatC.wait.mark,
    },
  ]
}

function dropWarnings({ drop }: SprayCheckInput): MixWarning[] {
  if (!drop || (drop.id !== 'very-fine' && drop.held >= 0.85)) return []
  return [
    {
      id: 'drops',
      words: `The sprayer makes ${drop.label} drops: ${drop.words}. Take another nozzle or pressure for leaves.`,
      stops: false,
      source: 'class names of ASABE S572; what stays is judgement',
      mark: 'J',
    },
  ]
}

/** What is wrong with a mix before it is mixed: too much water, too strong, too hot, too coarse. */
export function checkSpray(input: SprayCheckInput): readonly MixWarning[] {
  if (input.carrierL <= 0) return []
  const strong = tooStrong(input.source.id, (input.productKg / input.carrierL) * 1000)
  const warnings: MixWarning[] = strong
    ? [
        {
          id: 'solubility',
          words: `It does not dissolve: at most ${strong.mostGPerL} g go into a litre of cool water. ${isRunningOff(input) ? rateAlone : 'Use more water.'}`,
          stops: true,
          source: strong.source,
          mark: strong.mark,
        },
      ]
    : []
  if (input.route !== 'leaf') return warnings
  const burns = burnWarnings(input)
  const isTooStrong = strong !== undefined || burns.some(({ id }) => id === 'leaf-burn')
  return [
    ...warnings,
    ...waterWarnings(input, isTooStrong),
    ...burns,
    ...heatWarnings(input),
    ...dropWarnings(input),
  ]
}
