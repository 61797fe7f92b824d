import { asInTheNorth, type Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import { plants, type Plant } from './data/plants.ts'
import type { Context } from './data/contexts.ts'
import type { Growth } from './data/growths.ts'
import { habits, type Rest } from './data/habits.ts'

const plantById = new Map(plants.map((plant) => [plant.id, plant]))

/**
 * The record of a plant.
 * @throws {CoreError} unknown-name
 */
export function findPlant(id: string): Plant {
  const plant = plantById.get(id)
  if (!plant) {
    throw new CoreError('plant-unknown', {
      parameter: 'plantId',
      received: id,
    })
  }
  return plant
}

/** Every kind of stand that a plant of the list makes, once. */
export const standKinds: readonly StandKind[] = [
  ...new Map(
    plants.flatMap(({ contexts, growth }) =>
      contexts.map((context) => [`${context} ${growth}`, { context, growth }] as const),
    ),
  ).values(),
]

/** The plants grown in a context, in the order of the list. */
export function plantsOf(context: Context): readonly Plant[] {
  return plants.filter((plant) => plant.contexts.includes(context))
}

/** What doses, limits and endings go by. */
export interface StandKind {
  readonly context: Context
  readonly growth: Growth
}

/**
 * The kind of a stand: where its plant grows and what it is grown as.
 * @throws {CoreError} unknown-name
 */
export const standKindOf = ({
  context,
  plantId,
}: {
  readonly context: Context
  readonly plantId: string
}): StandKind => ({ context, growth: findPlant(plantId).growth })

/**
 * Whether a plant gives up its green by itself on a day: deciduous leaves and warm-season turf in
 * the cold half of the year.
 * @param latitude of the place [°], south negative
 */
export function isResting({ habit }: Pick<Plant, 'habit'>, day: Day, latitude: number): boolean {
  const rest: Rest | undefined = habits[habit]
  if (!rest) return false
  const monthDay = asInTheNorth(day, latitude).slice(5)
  return monthDay >= rest.from || monthDay <= rest.until
}

/**
 * Whether a plant gives up its green by itself, day by day.
 * @param latitude of the place, south negative; without it no plant is taken to rest [°]
 * @throws {CoreError} unknown-name for a plant that is not in the list
 */
export function restOf(plantId: string, latitude: number | undefined): (day: Day) => boolean {
  const plant = findPlant(plantId)
  return (day) => latitude !== undefined && isResting(plant, day, latitude)
}
