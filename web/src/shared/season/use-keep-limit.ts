import { placeRoutes } from '@spudder/contract/place'
import { useChange } from '../../api/use-change.ts'
import type { SeasonNutrient } from '@spudder/core/soil/season'
import { usePlace } from '../../api/places.ts'

/** Puts a limit of local rules in place of ours, for the whole place. */
export function useKeepLimit() {
  const { place } = usePlace()
  const change = useChange(placeRoutes.changeSettings)
  return async (nutrient: SeasonNutrient, kgPerHa: number): Promise<void> => {
    if (!place.value) return
    const seasonLimits = { ...place.value.settings.seasonLimits, [nutrient]: kgPerHa }
    await change.send({ placeId: place.value.id, dto: { seasonLimits } })
  }
}
