import { formatDecimals } from '../../base/writing/index.ts'
import type { PHBelief } from '../persistence/index.ts'
import type { Sourced } from '../../base/reference/index.ts'
import { otherSources, type SourceId } from '../source/index.ts'

/** pH in which a plant keeps its colour. */
export interface PlantPH {
  readonly low: number
  readonly high: number
}

const from = {
  source:
    'lime-magnesium is for ground under the plant’s own pH; else Epsom salt or kieserite (extension practice)',
  mark: 'M',
} as const satisfies Sourced

/**
 * Why something that raises the pH is not for this ground; undefined where it may be.
 * @param pH of the ground; undefined where nobody measured it, which is no ground to lime
 */
export function againstRaising(
  sourceId: SourceId,
  pH: Pick<PHBelief, 'pH'> | undefined,
  plantPH: PlantPH,
): (Sourced & { readonly words: string }) | undefined {
  const source = otherSources.find(({ id }) => id === sourceId)
  if (source?.groundPH !== 'raises') return undefined
  if (pH && pH.pH < plantPH.low) return undefined
  const wants = `the plant keeps its colour at pH ${formatDecimals(plantPH.low, 1)} to ${formatDecimals(plantPH.high, 1)}`
  const words = pH
    ? `${source.name} raises the pH, which is ${formatDecimals(pH.pH, 1)} already; ${wants}. Take Epsom salt or kieserite.`
    : `${source.name} raises the pH, and nobody measured it here; ${wants}. Measure the pH first, or take Epsom salt or kieserite.`
  return { words, ...from }
}
