import {
  figuresIn,
  ownOf,
  saidIn,
  storedFiguresIn,
  type UnitSystem,
} from '@spudder/core/base/quantity'
import { ref, watch, type Ref } from 'vue'
import { usePlace } from '../../api/places.ts'

/** What the place at work counts in; as numbers are written, one for the whole page. */
const system = ref<UnitSystem>('us')

/** Follows the place at work; to be called once, by the app. */
export function useSaid(): Readonly<Ref<UnitSystem>> {
  const { place } = usePlace()
  watch(place, (known) => known && (system.value = known.unitSystem), { immediate: true })
  return system
}

/** A sentence of the catalogue as it is said at the place: its units, its decimals. */
export const said = (text: string): string => saidIn(text, system.value)

/** A line of a working, with its figures in the units of the place. */
export const inUnits = (line: string): string => figuresIn(line, system.value)

/** The same for a line that was stored. */
export const storedInUnits = (line: string): string => storedFiguresIn(line, system.value)

/** A hint or a refusal: of what stands there in both systems the figure of the place. */
export const inOwn = (text: string): string => ownOf(text, system.value)
