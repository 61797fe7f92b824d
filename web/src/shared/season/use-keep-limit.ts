import type { SeasonNutrient } from '@spudder/core/soil/season'
import { useChangeSettings } from '../../api/bench.ts'
import { usePlace } from '../../api/places.ts'

/** Puts a limit of local rules in place of ours, for the whole place. */
export function useKeepLimit() {
  const { place } = usePlace()
  const change = useChangeSettings()
  return async (nutrient: SeasonNutrient, kgPerHa: number): Promise<void> => {
    if (!place.value) return
    const seasonLimits = { ...place.value.settings.seasonLimits, [nutrient]: kgPerHa }
    await change.mutateAsync({ id: place.value.id, dto: { seasonLimits } }).catch(() => undefined)
  }
}
