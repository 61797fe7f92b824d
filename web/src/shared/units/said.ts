import { saidIn, type UnitSystem } from '@spudder/core/base/quantity'
import { ref, watch } from 'vue'
import { usePlace } from '../../api/places.ts'

/** What the place at work counts in; as numbers are written, one for the whole page. */
const system = ref<UnitSystem>('us')

/** Follows the place at work; to be called once, by the app. */
export function useSaid(): void {
  const { place } = usePlace()
  watch(place, (known) => known && (system.value = known.unitSystem), { immediate: true })
}

/** A sentence of the catalogue as it is said at the place: its units, its decimals. */
export const said = (text: string): string => saidIn(text, system.value)
