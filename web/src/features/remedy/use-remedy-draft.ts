import { stripOf } from '@spudder/core/days/plan'
import { stripFacts } from '@spudder/contract/stand'
import { toSetup } from '@spudder/contract/sprayer'
import { computed } from 'vue'
import { useKept } from '../../shared/form/kept.ts'
import { today } from '../../shared/units/today.ts'
import { freshRemedyDraft } from './remedy-draft.ts'
import type { RemedyFacts } from './remedy-facts.ts'
import { useChosenRate } from './use-chosen-rate.ts'
import { useOffers } from './use-offers.ts'
import { useSpoon } from './use-spoon.ts'
import { useWork } from './use-work.ts'

/** The remedy being put together: choices, what they rank and amount to. */
export function useRemedyDraft(facts: RemedyFacts) {
  const { standId, context, firstRoute, size, nutrient, products, system } = facts
  const kept = useKept(`remedy:${standId}`, () => freshRemedyDraft(firstRoute))
  const { value: draft, forget, failed } = kept
  const offered = useOffers(draft, facts)
  const { route, offers } = offered
  const way = computed(() => `${nutrient.value} ${route.value}`)
  const picked = useChosenRate({ draft, offers, way, system, products })
  const { chosen, rate } = picked

  const product = computed(() => products.value.find(({ id }) => id === chosen.value?.id))
  const { spoon, spoonProblem, weighedKgPerL, scoopKg } = useSpoon(
    computed(() => chosen.value?.id),
    system,
  )
  const known = computed(() => {
    const sprayer = facts.sprayers.value.find(({ id }) => id === draft.value.sprayerId)
    return {
      stand: { context, plantId: facts.plantId, size, measures: facts.measures.value },
      product: product.value,
      setup: sprayer && toSetup(sprayer.setup),
      jarTests: facts.jarTests.value,
      readings: facts.readings.value,
      today: today(),
      maxC: facts.maxCOn.value(draft.value.applyOn),
    }
  })
  const { presentIronMgPerL } = facts
  const work = useWork({
    known,
    route,
    chosen,
    rate,
    draft,
    weighedKgPerL,
    scoopKg,
    presentIronMgPerL,
    system,
  })
  /** Where none makes sense, none is offered, and none is asked for. */
  const strip = computed(() => stripOf(stripFacts(known.value.stand, known.value.setup)))
  return {
    ...work,
    strip,
    ...offered,
    ...picked,
    product,
    spoon,
    spoonProblem,
    weighedKgPerL,
    draft,
    forget,
    failed,
  }
}
