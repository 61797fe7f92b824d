import { typedNumber } from '@spudder/core/base/writing'
import { rateText, type UnitSystem } from '@spudder/core/base/quantity'
import type { ProductDto } from '@spudder/contract/shelf'
import { labelRateText, rateBases, type Rate } from '@spudder/core/material/rate'
import { findRate } from '@spudder/core/material/source'
import { computed, watch, type ComputedRef, type Ref } from 'vue'
import type { Offer } from './offers.ts'
import type { RemedyDraft } from './remedy-draft.ts'

/** A percentage as it is typed: without the tail that binary fractions have. */
const percentText = (share: number): string => typedNumber(Number((share * 100).toFixed(4)))

interface RateInput {
  readonly draft: Ref<RemedyDraft>
  readonly offers: ComputedRef<readonly Offer[]>
  /** What is treated for, and the way in. */
  readonly way: ComputedRef<string>
  readonly system: ComputedRef<UnitSystem>
  readonly products: ComputedRef<readonly ProductDto[]>
}

/** The source that is chosen and its rate; a new choice takes its usual figures up. */
export function useChosenRate({ draft, offers, way, system, products }: RateInput) {
  const firstWithRates = () => offers.value.find(({ rates }) => rates.length > 0)
  const chosen = computed(
    () => offers.value.find(({ id }) => id === draft.value.offerId) ?? firstWithRates(),
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
  const labelRate = computed(
    () => products.value.find(({ id }) => id === chosen.value?.id)?.labelRate ?? undefined,
  )
  /** What the label tells to use; a loop is brought to a strength, whatever a label adds to it. */
  function takeLabelRate(): void {
    if (!labelRate.value || !rate.value || rateBases[rate.value.basis].countsPresent) return
    draft.value.rate = labelRateText(labelRate.value)
  }
  function takeOffer(id: string): void {
    const offer = offers.value.find((each) => each.id === id)
    if (!offer) return
    draft.value.offerId = id
    draft.value.contentPercent = percentText(offer.contentShare)
    const [first] = offer.rates
    if (first) takeRate(first.id)
    takeLabelRate()
  }
  // A stored draft keeps its figures; only a new choice of source or way in takes fresh ones.
  watch(
    [way, () => chosen.value?.id, () => rate.value?.id],
    ([now, offerId, rateId], [before]) => {
      if (!offerId) return
      const isNewWay = before !== undefined && now !== before
      if (isNewWay || draft.value.offerId !== offerId || draft.value.rateId !== rateId) {
        const best = isNewWay ? firstWithRates() : undefined
        takeOffer(best?.id ?? offerId)
      }
    },
    { immediate: true },
  )
  return { chosen, rate, takeRate, labelRate, takeLabelRate, takeOffer }
}
