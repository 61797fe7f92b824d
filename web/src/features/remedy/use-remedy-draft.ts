import { ironSources, rankSources, type IronSourceId, type PHBelief } from '@spudder/core/choice'
import { CoreError } from '@spudder/core/error'
import { checkSpray, planFills } from '@spudder/core/mix'
import { type Context, type Route, type StandSize } from '@spudder/core/plant'
import { rateText, type UnitSystem } from '@spudder/core/quantity'
import { amountFor, findRate, ratesFor, type Rate } from '@spudder/core/rate'
import { computed, ref, watch, type ComputedRef } from 'vue'
import { useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import { today } from '../../shared/units/today.ts'

interface RemedyGrounds {
  readonly standId: string
  readonly context: Context
  /** The way in that is offered first. */
  readonly firstRoute: Route
  readonly size: StandSize
  readonly pH: ComputedRef<PHBelief | undefined>
  readonly presentIronMgPerL: ComputedRef<number | undefined>
  readonly system: ComputedRef<UnitSystem>
}

/** Where nobody measured: neutral, and so doubtful that every source stays in the running. */
const unmeasuredPH: PHBelief = { pH: 7, doubt: 1 }

/** What is typed, as typed; it survives a reload. */
const freshDraft = (route: Route) => ({
  id: crypto.randomUUID() as string,
  route: route as Route | undefined,
  sourceId: undefined as IronSourceId | undefined,
  rateId: '',
  rate: '',
  carrier: '',
  tank: '',
  ironPercent: '',
  applyOn: today(),
  lasting: '',
  retestOn: '',
})

const message = (error: unknown): string => {
  if (error instanceof CoreError) return `Give ${error.expected}.`
  throw error
}

/** The remedy being put together: choices, what they rank and amount to. */
export function useRemedyDraft({
  standId,
  context,
  firstRoute,
  size,
  pH,
  presentIronMgPerL,
  system,
}: RemedyGrounds) {
  const {
    value: draft,
    forget,
    failed,
  } = useKept(`remedy:${standId}`, () => freshDraft(firstRoute))
  const route = computed<Route>(() => draft.value.route ?? firstRoute)
  const ranked = computed(() =>
    rankSources(route.value, pH.value ?? unmeasuredPH).map((each) => ({
      ...each,
      rates: ratesFor(context, route.value, each.source.id),
    })),
  )
  const chosen = computed(
    () =>
      ranked.value.find(({ source }) => source.id === draft.value.sourceId) ??
      ranked.value.find(({ rates }) => rates.length > 0),
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
  function takeSource(id: IronSourceId): void {
    draft.value.sourceId = id
    const source = ironSources.find((each) => each.id === id)
    draft.value.ironPercent = String((source?.contentShare.usual ?? 0) * 100)
    const [first] = ratesFor(context, route.value, id)
    if (first) takeRate(first.id)
  }
  // A stored draft keeps its figures; only a new choice of source or route takes fresh ones.
  watch(
    [route, () => chosen.value?.source.id, () => rate.value?.id],
    ([newRoute, sourceId, rateId], [oldRoute]) => {
      if (!sourceId) return
      const isNewRoute = oldRoute !== undefined && newRoute !== oldRoute
      if (isNewRoute || draft.value.sourceId !== sourceId || draft.value.rateId !== rateId) {
        const best = isNewRoute ? ranked.value.find(({ rates }) => rates.length > 0) : undefined
        takeSource(best?.source.id ?? sourceId)
      }
    },
    { immediate: true },
  )

  /** The quantities as read from what is typed; undefined while unreadable. */
  const rateValue = ref<number>()
  const carrierValue = ref<number>()
  const tankL = ref<number>()
  const contentShare = computed(() => numberIn(draft.value.ironPercent) / 100)
  const ironProblem = computed(() =>
    contentShare.value >= 0.001 && contentShare.value <= 0.8
      ? undefined
      : 'Give the percentage of iron on the label, from 0.1 to 80.',
  )

  const amount = computed(() => {
    if (!rate.value || rateValue.value === undefined || ironProblem.value) {
      return { problem: undefined }
    }
    if (rate.value.carrier && carrierValue.value === undefined) return { problem: undefined }
    const input = {
      rate: rate.value,
      size,
      contentShare: contentShare.value,
      ...(carrierValue.value === undefined ? {} : { carrierValue: carrierValue.value }),
      ...(presentIronMgPerL.value === undefined
        ? {}
        : { presentIronMgPerL: presentIronMgPerL.value }),
    }
    try {
      const at = (value: number) => amountFor({ ...input, rateValue: value })
      const { low, high } = rate.value.rate
      return {
        value: at(rateValue.value),
        usual: { low: at(low), high: at(high) },
        isAboveTable: rateValue.value > high * 1.001,
      }
    } catch (error) {
      return { problem: message(error) }
    }
  })
  const fills = computed(() => {
    const total = amount.value.value
    if (!total || total.carrierL <= 0 || tankL.value === undefined) return { problem: undefined }
    try {
      const { productKg, carrierL: waterL } = total
      return { plan: planFills({ productKg, waterL, tankL: tankL.value }) }
    } catch (error) {
      return { problem: message(error) }
    }
  })
  const warnings = computed(() => {
    const total = amount.value.value
    if (!total || !chosen.value) return []
    return checkSpray({
      context,
      route: route.value,
      source: chosen.value.source,
      productKg: total.productKg,
      carrierL: total.carrierL,
      ...(size.kind === 'area' ? { areaM2: size.areaM2 } : {}),
    })
  })

  return {
    draft,
    forget,
    failed,
    route,
    ranked,
    chosen,
    rate,
    takeRate,
    takeSource,
    rateValue,
    carrierValue,
    tankL,
    contentShare,
    ironProblem,
    amount,
    fills,
    warnings,
  }
}
