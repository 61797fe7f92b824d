import { currencyOf, type Currency } from '@spudder/core/base/quantity'
import { computed, type ComputedRef } from 'vue'
import { usePlace } from '../../api/places.ts'

/** What the place at work pays in. */
export function useCurrency(): ComputedRef<Currency> {
  const { place } = usePlace()
  return computed(() => currencyOf(place.value?.settings.currency, place.value?.unitSystem ?? 'us'))
}
