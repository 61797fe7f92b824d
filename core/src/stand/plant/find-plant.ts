import { CoreError } from '../../base/error/index.ts'
import { plants, type Plant } from './data/plants.ts'
import type { Context } from './data/contexts.ts'

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

/** The plants grown in a context, in the order of the list. */
export function plantsOf(context: Context): readonly Plant[] {
  return plants.filter((plant) => plant.contexts.includes(context))
}
