import type { StepsWhere } from '@spudder/core/days/acid-steps'
import { compareMaterials, type AcidNeed, type AcidStep } from '@spudder/core/soil/acid-plan'
import type { ComputedRef, Ref } from 'vue'
import { placeUnits, type UnitSystem } from '@spudder/core/base/quantity'
import { numberIn } from '../../shared/form/number-text.ts'
import { today } from '../../shared/units/today.ts'
import { useSettled } from '../../shared/use-settled.ts'
import type { AcidDraft } from './acid-draft.ts'

interface OffersInput {
  readonly draft: Ref<AcidDraft>
  readonly facts: ComputedRef<StepsWhere['facts'] | undefined>
  readonly need: ComputedRef<AcidNeed | undefined>
  readonly done: ComputedRef<readonly AcidStep[]>
  readonly system: ComputedRef<UnitSystem>
}

/** Every material for the same change of pH, once nothing moves any more. */
export function useOffers({ draft, facts, need, done, system }: OffersInput) {
  /** Of a kilogram; typed for what the place weighs in. */
  const ownPrice = (id: string, { price, sourceId }: Pick<AcidDraft, 'price' | 'sourceId'>) => {
    const own = numberIn(price) / placeUnits[system.value].mass.inMetric
    return id === sourceId && own >= 0 ? own : undefined
  }
  return useSettled(
    () => {
      const [where, way] = [facts.value, need.value]
      const { price, sourceId } = draft.value
      return where && way && { where, way, own: { price, sourceId } }
    },
    (asked) =>
      asked
        ? compareMaterials({
            ...asked.where,
            need: asked.way,
            startsOn: today(),
            planned: [],
            done: done.value,
            ownPrice: (id) => ownPrice(id, asked.own),
          })
        : [],
    [],
  )
}
