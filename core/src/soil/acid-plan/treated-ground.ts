import { CoreError } from '../../base/error/index.ts'
import type { StandSize } from '../../stand/plant/index.ts'
import { seasonLimitOf, seasonOf, type Application, type SeasonInput } from '../season/index.ts'
import { holesShare, type Situation } from './data/situations.ts'
import type { StepFacts } from './step-rules.ts'

/** Depth over which pots are calculated as ground [m]. */
const potDepthM = 0.2
const litresPerM3 = 1000
const squareMetresPerHa = 1e4

/**
 * Ground of a stand that an amendment goes onto; pots as ground 0.2 m deep, holes as their share [m²].
 * @throws {CoreError} not-applicable, saying what has to be measured
 */
export function treatedGround(
  size: StandSize,
  measuredM2: number | undefined,
  situation?: Situation,
): number {
  const share = situation === 'holes' ? holesShare.value : 1
  return share * wholeGround(size, measuredM2)
}

function wholeGround(size: StandSize, measuredM2: number | undefined): number {
  switch (size.kind) {
    case 'area':
      return size.areaM2
    case 'pots':
      return (size.count * size.potL) / litresPerM3 / potDepthM
    case 'trunks':
      if (measuredM2 !== undefined) return measuredM2
      throw new CoreError('trees-without-ground', {
        parameter: 'ground',
      })
    case 'solution':
      throw new CoreError('solution-no-ground', {
        parameter: 'ground',
      })
  }
}

/**
 * Nitrogen that calendar years still bear.
 * @param applications everything done, and everything planned beside the steps in question
 * @returns by year [kg/m²], undefined where nothing limits it
 */
export function nitrogenBudget(
  ground: Pick<SeasonInput, 'context' | 'plantId' | 'ownLimits'>,
  applications: readonly Application[],
  groundM2: number,
): StepFacts['nitrogenLeft'] {
  const limit = seasonLimitOf('N', ground)
  return (year) => {
    if (limit === undefined) return undefined
    const used = applications
      .filter(({ day }) => seasonOf(day) === year)
      .reduce((sum, { productKg, contents }) => sum + productKg * (contents.N ?? 0), 0)
    return limit.value / squareMetresPerHa - used / groundM2
  }
}
