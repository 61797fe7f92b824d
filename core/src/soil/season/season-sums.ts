import type { Day } from '../../base/calendar/index.ts'
import { CoreError, requireInRange } from '../../base/error/index.ts'
import type { Context } from '../../stand/plant/index.ts'
import type { Figure } from '../../base/reference/index.ts'
import type { Contents } from './contents.ts'
import {
  nitrogenOfTurf,
  seasonLimits,
  seasonNutrients,
  type SeasonNutrient,
} from './data/limits.ts'

/** Product that went onto a stand, or is to go. */
export interface Application {
  readonly day: Day
  readonly productKg: number
  readonly contents: Contents
  readonly isPlanned: boolean
}

/** A nutrient summed over a season. */
export interface SeasonSum {
  readonly nutrient: SeasonNutrient
  /** Recorded so far, and planned on top [kg]. */
  readonly doneKg: number
  readonly plannedKg: number
  /** Both by ground; undefined where the ground is not known [kg/ha]. */
  readonly kgPerHa: number | undefined
  readonly limit: Figure | undefined
  readonly isOver: boolean
}

export interface SeasonInput {
  readonly context: Context
  readonly plantId: string
  readonly applications: readonly Application[]
  /** Any day of the season; it runs with the calendar year. */
  readonly on: Day
  readonly groundM2: number | undefined
  /** Limits of the place, by local rule [kg/ha]; they come before ours. */
  readonly ownLimits?: Readonly<Partial<Record<SeasonNutrient, number>>> | undefined
}

const squareMetresPerHa = 1e4

/** The calendar year of a day: what a season's sums run over. */
export const seasonOf = (day: Day): string => day.slice(0, 4)

/** Most of a nutrient in a season on ground of a kind: by local rule, else ours. */
export function seasonLimitOf(
  nutrient: SeasonNutrient,
  { context, plantId, ownLimits }: Pick<SeasonInput, 'context' | 'plantId' | 'ownLimits'>,
): Figure | undefined {
  const own = ownLimits?.[nutrient]
  if (own !== undefined) {
    return { value: own, unit: 'kg/ha', source: 'set by the place', mark: 'C' } as const
  }
  const ofGrass = context === 'turf' && nutrient === 'N' ? nitrogenOfTurf[plantId] : undefined
  return ofGrass ?? seasonLimits[context]?.[nutrient]
}

/**
 * Sums what goes onto a stand in a season, against what may.
 * @returns one sum a nutrient that was brought
 * @throws {CoreError} out-of-range, not-a-number
 * @source definition; limits carry their own source
 */
export function seasonSums(input: SeasonInput): readonly SeasonSum[] {
  const { applications, on, groundM2 } = input
  if (groundM2 !== undefined) requireInRange('ground', groundM2, { min: 0.1, max: 1e9, unit: 'm²' })
  for (const { productKg } of applications) {
    if (!(productKg >= 0)) {
      throw new CoreError('weight-below-nothing', { parameter: 'productKg' })
    }
  }
  const inSeason = applications.filter(({ day }) => seasonOf(day) === seasonOf(on))
  const sumOf = (nutrient: SeasonNutrient, isPlanned: boolean) =>
    inSeason
      .filter((each) => each.isPlanned === isPlanned)
      .reduce((sum, { productKg, contents }) => sum + productKg * (contents[nutrient] ?? 0), 0)
  return seasonNutrients.flatMap((nutrient) => {
    const [doneKg, plannedKg] = [sumOf(nutrient, false), sumOf(nutrient, true)]
    if (doneKg + plannedKg <= 0) return []
    const kgPerHa =
      groundM2 === undefined ? undefined : ((doneKg + plannedKg) / groundM2) * squareMetresPerHa
    const limit = seasonLimitOf(nutrient, input)
    const isOver = kgPerHa !== undefined && limit !== undefined && kgPerHa > limit.value
    return [{ nutrient, doneKg, plannedKg, kgPerHa, limit, isOver }]
  })
}
