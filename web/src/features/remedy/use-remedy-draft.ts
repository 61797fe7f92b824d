import type { KnownOfApplication } from '@spudder/contract/remedy'
import type { ProductDto } from '@spudder/contract/shelf'
import { toSetup, type SprayerDto } from '@spudder/contract/sprayer'
import {
  aimsFor,
  orderChangers,
  rankCandidates,
  type AimId,
  type Candidate,
} from '@spudder/core/material/choice'
import type { Medium, PHBelief } from '@spudder/core/material/persistence'
import { type Context, type Route, type StandSize } from '@spudder/core/stand/plant'
import { rateText, type UnitSystem } from '@spudder/core/base/quantity'
import { type Rate, type StandMeasures } from '@spudder/core/material/rate'
import { findRate, type OtherNutrient } from '@spudder/core/material/source'
import { type JarTest } from '@spudder/core/apply/work'
import { computed, watch, type ComputedRef } from 'vue'
import { useKept } from '../../shared/form/kept.ts'
import { today } from '../../shared/units/today.ts'
import { choiceInputOf, offersFor, type OfferFacts } from './offers.ts'
import { soilOf, usualSoilWater } from './soil-water.ts'
import { freshTankDraft } from './tank-draft.ts'
import { useSettled } from '../../shared/use-settled.ts'
import { useSpoon } from './use-spoon.ts'
import { useWork } from './use-work.ts'

interface RemedyFacts {
  readonly standId: string
  readonly context: Context
  /** The way in that is offered first. */
  readonly firstRoute: Route
  readonly size: StandSize
  readonly nutrient: ComputedRef<'Fe' | OtherNutrient>
  readonly shelf: ComputedRef<readonly Candidate[]>
  readonly pH: ComputedRef<PHBelief | undefined>
  readonly presentIronMgPerL: ComputedRef<number | undefined>
  readonly measures: ComputedRef<StandMeasures>
  readonly products: ComputedRef<readonly ProductDto[]>
  readonly sprayers: ComputedRef<readonly SprayerDto[]>
  readonly jarTests: ComputedRef<readonly JarTest[]>
  readonly readings: ComputedRef<KnownOfApplication['readings']>
  /** Warmest hour foretold for a day [°C]. */
  readonly maxCOn: ComputedRef<(day: string) => number | undefined>
  readonly system: ComputedRef<UnitSystem>
}

/** Where nobody measured: neutral, and so doubtful that every source stays in the running. */
const unmeasuredPH: PHBelief = { pH: 7, doubt: 1 }

/** What is typed, as typed; it survives a reload. */
const freshDraft = (route: Route) => ({
  id: crypto.randomUUID() as string,
  route: route as Route | undefined,
  aim: undefined as AimId | undefined,
  offerId: undefined as string | undefined,
  rateId: '',
  rate: '',
  carrier: '',
  ...freshTankDraft(),
  doseDays: '',
  contentPercent: '',
  applyOn: today(),
  lasting: '',
  repeats: '0',
  hasStrip: false,
  retestOn: '',
  soilWater: usualSoilWater,
  light: 'covered' as 'covered' | 'clear',
})

/** A percentage as it is typed: without the tail that binary fractions have. */
const percentText = (share: number): string => String(Number((share * 100).toFixed(4)))

/** The remedy being put together: choices, what they rank and amount to. */
export function useRemedyDraft({
  standId,
  context,
  firstRoute,
  size,
  nutrient,
  shelf,
  pH,
  presentIronMgPerL,
  measures,
  products,
  sprayers,
  jarTests,
  readings,
  maxCOn,
  system,
}: RemedyFacts) {
  const {
    value: draft,
    forget,
    failed,
  } = useKept(`remedy:${standId}`, () => freshDraft(firstRoute))
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
    context,
    route: route.value,
    aimId: aimId.value,
    medium: medium.value,
    size,
    shelf: shelf.value,
    presentIronMgPerL: presentIronMgPerL.value,
  }))
  const offers = computed(() => offersFor(offerFacts.value))
  const chosen = computed(
    () =>
      offers.value.find(({ id }) => id === draft.value.offerId) ??
      offers.value.find(({ rates }) => rates.length > 0),
  )
  /** Dearer to find than the order itself, so only once nothing moves any more. */
  const changers = useSettled(
    () => offerFacts.value,
    (facts) => {
      if (facts.nutrient !== 'Fe') return []
      const input = choiceInputOf(facts)
      return orderChangers(input, rankCandidates(input))
    },
    [],
  )
  const rate = computed<Rate | undefined>(() => {
    const rates = chosen.value?.rates ?? []
    return rates.find(({ id }) => id === draft.value.rateId) ?? rates[0]
  })

  /** Takes up the usual figures of a rate, to be typed over. */
  function takeRate(id: string): void {
    const { rate: figures, unit, carrier } = findRate(id)
    draft.value.rateId = id
    draft.value.rate = rateText([figures.usual], unit, system.value)
    draft.value.carrier = carrier ? rateText([carrier.usual], carrier.unit, system.value) : ''
  }
  function takeOffer(id: string): void {
    const offer = offers.value.find((each) => each.id === id)
    if (!offer) return
    draft.value.offerId = id
    draft.value.contentPercent = percentText(offer.contentShare)
    const [first] = offer.rates
    if (first) takeRate(first.id)
  }
  // A stored draft keeps its figures; only a new choice of source or way in takes fresh ones.
  watch(
    [() => `${nutrient.value} ${route.value}`, () => chosen.value?.id, () => rate.value?.id],
    ([way, offerId, rateId], [oldWay]) => {
      if (!offerId) return
      const isNewWay = oldWay !== undefined && way !== oldWay
      if (isNewWay || draft.value.offerId !== offerId || draft.value.rateId !== rateId) {
        const best = isNewWay ? offers.value.find(({ rates }) => rates.length > 0) : undefined
        takeOffer(best?.id ?? offerId)
      }
    },
    { immediate: true },
  )

  const product = computed(() => products.value.find(({ id }) => id === chosen.value?.id))
  const { spoon, spoonProblem, weighedKgPerL, scoopKg } = useSpoon(computed(() => chosen.value?.id))
  const work = useWork({
    known: computed(() => {
      const sprayer = sprayers.value.find(({ id }) => id === draft.value.sprayerId)
      return {
        stand: { context, size, measures: measures.value },
        product: product.value,
        setup: sprayer && toSetup(sprayer.setup),
        jarTests: jarTests.value,
        readings: readings.value,
        today: today(),
        maxC: maxCOn.value(draft.value.applyOn),
      }
    }),
    route,
    chosen,
    rate,
    draft,
    weighedKgPerL,
    scoopKg,
    presentIronMgPerL,
    system,
  })

  return {
    ...work,
    spoon,
    spoonProblem,
    weighedKgPerL,
    draft,
    forget,
    failed,
    route,
    aimId,
    aimOptions,
    medium,
    offers,
    changers,
    chosen,
    rate,
    takeRate,
    takeOffer,
  }
}
