import { aimsFor, orderChangers, rankCandidates, type AimId } from '@spudder/core/material/choice'
import type { Medium, PHBelief } from '@spudder/core/material/persistence'
import { standKindOf, type Route } from '@spudder/core/stand/plant'
import { computed, type Ref } from 'vue'
import { useSettled } from '../../shared/use-settled.ts'
import { choiceInputOf, offersFor, type OfferFacts } from './offers.ts'
import type { RemedyDraft } from './remedy-draft.ts'
import type { RemedyFacts } from './remedy-facts.ts'
import { soilOf } from './soil-water.ts'

/** Where nobody measured: neutral, and so doubtful that every source stays in the running. */
const unmeasuredPH: PHBelief = { pH: 7, doubt: 1 }

/** Sources in order, for the way in and the aim that are picked. */
export function useOffers(draft: Ref<RemedyDraft>, facts: RemedyFacts) {
  const { context, plantId, firstRoute, nutrient, size, shelf } = facts
  const { pH, plantPH, presentIronMgPerL, expects } = facts
  const route = computed<Route>(() => draft.value.route ?? firstRoute)
  const aimOptions = computed(() => aimsFor(context, route.value))
  const aimId = computed<AimId>(() => {
    const { aim } = draft.value
    return aim && aimOptions.value.includes(aim) ? aim : (aimOptions.value[0] ?? 'season')
  })
  const medium = computed<Medium>(() => ({
    ...(pH.value ?? unmeasuredPH),
    soil: soilOf(draft.value.soilWater),
    light: draft.value.light,
  }))
  const offerFacts = computed<OfferFacts>(() => ({
    nutrient: nutrient.value,
    ...standKindOf({ context, plantId }),
    route: route.value,
    aimId: aimId.value,
    medium: medium.value,
    isPHKnown: pH.value !== undefined,
    plantPH,
    size,
    shelf: shelf.value,
    presentIronMgPerL: presentIronMgPerL.value,
    expects: expects.value,
  }))
  const offers = computed(() => offersFor(offerFacts.value))
  /** Dearer to find than the order itself, so only once nothing moves any more. */
  const changers = useSettled(
    () => offerFacts.value,
    (settled) => {
      if (settled.nutrient !== 'Fe') return []
      const input = choiceInputOf(settled)
      return orderChangers(input, rankCandidates(input))
    },
    [],
  )
  return { route, aimId, aimOptions, medium, offers, changers }
}
