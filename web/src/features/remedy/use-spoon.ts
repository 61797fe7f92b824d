import { CoreError } from '@spudder/core/base/error'
import { densityOf, parseQuantity, valueIn, type UnitSystem } from '@spudder/core/base/quantity'
import { computed, type ComputedRef } from 'vue'
import { useKept } from '../../shared/form/kept.ts'

/** What a level spoon of a product weighed, as typed. */
interface Spoon {
  measure: string
  weight: string
}

/** The spoon that lies in most kitchens. */
const usualSpoon: Readonly<Record<UnitSystem, string>> = { us: '1 tbsp', metric: '15 mL' }

/** The weight of a spoon of each product, weighed once and kept in this browser. */
export function useSpoon(
  offerId: ComputedRef<string | undefined>,
  system: ComputedRef<UnitSystem>,
) {
  const { value: spoons } = useKept('spoons', () => ({ byOffer: {} as Record<string, Spoon> }))
  const spoon = computed<Spoon>({
    get: () =>
      spoons.value.byOffer[offerId.value ?? ''] ?? {
        measure: usualSpoon[system.value],
        weight: '',
      },
    set: (typed) => {
      if (offerId.value) spoons.value.byOffer[offerId.value] = typed
    },
  })
  const weighed = computed<{ kgPerL?: number; scoopKg?: number; problem?: string }>(() => {
    const { measure, weight } = spoon.value
    if (weight.trim() === '') return {}
    try {
      const weighed = parseQuantity(weight, 'mass')
      // A scoop has no volume that anybody knows: it stands for its weight alone.
      if (/^1?\s*scoop$/i.test(measure.trim())) return { scoopKg: valueIn(weighed, 'kg') }
      return { kgPerL: densityOf(weighed, parseQuantity(measure, 'volume')) }
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      return { problem: error.sentence() }
    }
  })
  return {
    spoon,
    spoonProblem: computed(() => weighed.value.problem),
    scoopKg: computed(() => weighed.value.scoopKg),
    weighedKgPerL: computed(() => weighed.value.kgPerL),
  }
}
