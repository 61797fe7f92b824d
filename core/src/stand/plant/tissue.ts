import { tissueProfiles, type Sufficiency, type TissueNutrient } from './data/tissue.ts'
import type { Plant } from './data/plants.ts'

/** The span of contents at which a plant's recently matured leaves are well supplied. */
export function sufficiencyOf(plant: Plant, nutrient: TissueNutrient): Sufficiency {
  return tissueProfiles[plant.tissue][nutrient]
}
