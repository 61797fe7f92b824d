import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import { sourceKinds, type Source } from '../../material/source/index.ts'
import type { Context, Route } from '../../stand/plant/index.ts'
import { percent, percentRange, quantityOf, strength, valueIn } from '../../base/quantity/index.ts'
import type { Sourced } from '../../base/reference/index.ts'
import { leafCapacity, leafLayerOf, leafRetentionAt, type DropClass } from '../sprayer/index.ts'
import { burnHeatC, drenchFrom, patchTestFrom } from './data/limits.ts'
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
  /** Whether it is over what leaves bear already, by its limits. */
  readonly isTooStrong?: boolean
}

/** Something about a mix that a careful person would stop at, or that stops it. */
export interface MixWarning extends Sourced {
  readonly id: 'runs-off' | 'is-a-drench' | 'try-first' | 'heat' | 'drops' | 'solubility'
  readonly words: string
  /** Nothing goes out like this. */
  readonly stops: boolean
}

/** What is too strong in too much water is mended by the rate alone: neither more nor less water. */
export const rateAlone =
  'Use a lower rate: more water would run off, less would make it stronger still'

const waterPerM2Of = ({ carrierL, areaM2 }: SprayCheckInput): number =>
  areaM2 ? carrierL / areaM2 : 0
/** Above what leaves hold it runs off. */
const heldBy = ({ context }: SprayCheckInput) => leafCapacity[leafLayerOf(context)]
const asWords = (litresPerM2: number) => {
  const [gallons, litres] = [
    valueIn(quantityOf(litresPerM2, 'L/m2'), 'gal/acre'),
    valueIn(quantityOf(litresPerM2, 'L/m2'), 'L/ha'),
  ]
  return `${formatNumber(gallons, 2)} gal/acre (${formatNumber(litres, 3)} L/ha)`
}
/** Whether more water goes onto leaves than they hold. */
export const isRunningOff = (input: SprayCheckInput): boolean =>
  input.route === 'leaf' && waterPerM2Of(input) > heldBy(input).usual * 1.001

function waterWarnings(input: SprayCheckInput, isTooStrong: boolean): MixWarning[] {
  if (!isRunningOff(input)) return []
  const waterPerM2 = waterPerM2Of(input)
  const { usual: held, source, mark } = heldBy(input)
  const drench = drenchFrom[leafLayerOf(input.context)]
  const times = `${formatNumber(waterPerM2 / held, 2)} times the ${asWords(held)}`
  if (waterPerM2 > drench.value) {
    return [
      {
        id: 'is-a-drench',
        words: `This is a drench, no spray: ${times} that stays on leaves. Use less water, or choose the way into the soil.`,
        stops: true,
        source: drench.source,
        mark: drench.mark,
      },
    ]
  }
  const { low, usual, high } = leafRetentionAt(waterPerM2, input.drop, leafLayerOf(input.context))
  const mending = isTooStrong ? '' : ' Use less water or a finer spray.'
  return [
    {
      id: 'runs-off',
      words: `Much of this runs off the leaf: ${times} that stays on. About ${percent(usual)} of the iron stays (${percentRange(low, high)}).${mending}`,
      stops: false,
      source,
      mark,
    },
  ]
}

/** Below what leaves bear, but strong enough for soft ones to burn. */
function patchWarnings(input: SprayCheckInput): MixWarning[] {
  const { context, source, productKg, carrierL, isTooStrong } = input
  const from = patchTestFrom[context]
  if (!from || source.nutrient !== 'Fe' || isTooStrong) return []
  const share = productKg / carrierL
  if (share <= from[sourceKinds[source.kind].inTank] * 1.001) return []
  const words = `At ${strength(share, 2)} soft leaves can burn: spray a small patch first and look two days later.`
  return [{ id: 'try-first', words, stops: false, source: from.source, mark: from.mark }]
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
          words: `It does not dissolve: at most ${strong.mostGPerL} g go into a litre of cool water. ${isRunningOff(input) ? rateAlone : 'Use more water'}.`,
          stops: true,
          source: strong.source,
          mark: strong.mark,
        },
      ]
    : []
  if (input.route !== 'leaf') return warnings
  const isTooStrong = strong !== undefined || input.isTooStrong === true
  return [
    ...warnings,
    ...waterWarnings(input, isTooStrong),
    ...patchWarnings(input),
    ...heatWarnings(input),
    ...dropWarnings(input),
  ]
}
