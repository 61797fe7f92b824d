import type { Day } from '../../base/calendar/index.ts'
import type { StandSize, StoredSize } from './stand-size.ts'
import type { Plant } from './data/plants.ts'
import { findPlant } from './find-plant.ts'

/** How what is planted bears lime, where one knows more than the kind says. */
export const varieties = {
  'bears-lime': 'a variety or rootstock that bears lime',
  'suffers-on-lime': 'a variety or rootstock that suffers on lime',
  mixed: 'several, mixed',
} as const
export type Variety = keyof typeof varieties
export const varietyNames = Object.keys(varieties) as readonly Variety[]

/** What of a stand is known beside its size, for rates that count by something else. */
export interface StandMeasures {
  /** Ground under trees, or around pots [m²]. */
  readonly groundM2?: number
  readonly plantCount?: number
  /** Row or drip line [m]. */
  readonly rowM?: number
  /** From plant to plant, and from row to row [m]. */
  readonly inRowM?: number
  readonly betweenRowsM?: number
  /** Leaf that a spray has to wet, as ground seen from above [m²]. */
  readonly canopyM2?: number
  /** How deep most roots go [m]. */
  readonly rootDepthM?: number
}

/** How the plant of a stand grows there, where it differs from its kind. */
export interface AsGrown {
  readonly variety?: Variety
  /** pH in which it keeps its colour, for a plant that the list does not know. */
  readonly pHLow?: number
  readonly pHHigh?: number
  readonly plantedOn?: Day
  readonly emergedOn?: Day
  /** Whether each stands by itself, as in a street or lawn, rather than in rows. */
  readonly isAlone?: boolean
}

const each = ({ inRowM, betweenRowsM }: StandMeasures): number | undefined =>
  inRowM !== undefined && betweenRowsM !== undefined ? inRowM * betweenRowsM : undefined

/** Ground of a stand: measured, else by spacing [m²]; undefined where nobody knows. */
export function groundOf(
  { kind, areaM2, count }: StoredSize,
  measures: StandMeasures = {},
): number | undefined {
  if (kind === 'area') return areaM2
  if (measures.groundM2 !== undefined) return measures.groundM2
  const room = each(measures)
  return kind === 'trunks' && room !== undefined && count !== undefined ? count * room : undefined
}

/** Plants of a stand: counted, else by spacing [pieces]. */
export function plantsOn(size: StandSize, measures: StandMeasures = {}): number | undefined {
  if (size.kind === 'trunks' || size.kind === 'pots') return size.count
  if (measures.plantCount !== undefined) return measures.plantCount
  const room = each(measures)
  return size.kind === 'area' && room !== undefined ? size.areaM2 / room : undefined
}

/** Row of a stand: measured, else by spacing [m]. */
export function rowOf(size: StandSize, measures: StandMeasures = {}): number | undefined {
  if (measures.rowM !== undefined) return measures.rowM
  const { inRowM, betweenRowsM } = measures
  if (size.kind === 'area' && betweenRowsM !== undefined) return size.areaM2 / betweenRowsM
  if (size.kind === 'trunks' && inRowM !== undefined) return size.count * inRowM
  return undefined
}

/** A plant as it grows on a stand: its own pH range and variety in place of what its kind has. */
export function asGrown(plant: Plant, { variety, pHLow, pHHigh }: AsGrown = {}): Plant {
  const { low, high } = plant.pHRange
  const borne = {
    'bears-lime': 'efficient',
    'suffers-on-lime': 'inefficient',
    mixed: plant.ironEfficiency,
  } as const
  return {
    ...plant,
    pHRange: { low: pHLow ?? low, high: pHHigh ?? high },
    ironEfficiency: variety ? borne[variety] : plant.ironEfficiency,
  }
}

/**
 * The plant of a stand, as it grows there.
 * @throws {CoreError} unknown-name
 */
export const plantOf = ({
  plantId,
  measures,
}: {
  readonly plantId: string
  readonly measures?: AsGrown | null | undefined
}): Plant => asGrown(findPlant(plantId), measures ?? {})
