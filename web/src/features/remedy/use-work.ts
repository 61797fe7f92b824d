import { applicationFacts, type KnownOfApplication } from '@spudder/contract/remedy'
import {
  planApplication,
  sameAmount,
  type Application,
  type ChosenApplication,
  type Conditioning,
} from '@spudder/core/apply/application'
import { CoreError } from '@spudder/core/base/error'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { rateBases, readRate, type Rate } from '@spudder/core/material/rate'
import type { Route } from '@spudder/core/stand/plant'
import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { numberIn } from '../../shared/form/number-text.ts'
import type { Offer } from './offers.ts'
import type { TankDraft } from './tank-draft.ts'

export interface WorkInput {
  /** What is known before anything is typed. */
  readonly known: ComputedRef<KnownOfApplication>
  readonly route: ComputedRef<Route>
  readonly chosen: ComputedRef<Offer | undefined>
  readonly rate: ComputedRef<Rate | undefined>
  readonly draft: Ref<TankDraft & { rate: string; contentPercent: string; doseDays: string }>
  /** Of a spoon that somebody weighed for this [kg/L]. */
  readonly weighedKgPerL: ComputedRef<number | undefined>
  /** What a level scoop of it weighs [kg]. */
  readonly scoopKg: ComputedRef<number | undefined>
  readonly presentIronMgPerL: ComputedRef<number | undefined>
  readonly system: ComputedRef<UnitSystem>
}

const words = (error: CoreError): string => `Give ${error.expected}.`
const optional = (typed: string): number | undefined => {
  const value = numberIn(typed)
  return Number.isNaN(value) ? undefined : value
}

/** A solution has no tank: what is typed of one, before the way in was changed, does not count. */
const noTank = {
  carrierValue: undefined,
  tankL: undefined,
  conditioning: undefined,
  partners: [],
  waterInAfterH: undefined,
} as const

/** Turns what is typed into an application, and shows it part by part. */
export function useWork(input: WorkInput) {
  const { known, route, chosen, rate, draft, presentIronMgPerL } = input
  /** Read by their fields; undefined while unreadable. */
  const carrierValue = ref<number>()
  const tankL = ref<number>()

  const contentShare = computed(() => numberIn(draft.value.contentPercent) / 100)
  const contentProblem = computed(() =>
    contentShare.value >= 0.001 && contentShare.value <= 0.8
      ? undefined
      : `Give the percentage of ${chosen.value?.nutrientWord ?? 'iron'} on the label, from 0.1 to 80.`,
  )
  /** Water and acid as typed; undefined while the water is taken as it comes. */
  const conditioning = computed<Conditioning | undefined>(() => {
    const { acidId, alkalinity, waterPH, targetPH } = draft.value
    if (acidId === '') return undefined
    return {
      acidId,
      alkalinityMgPerLCaCO3: numberIn(alkalinity),
      pH: numberIn(waterPH),
      targetPH: numberIn(targetPH),
    }
  })
  /** What is typed of the tank. */
  const inTank = computed(() => ({
    carrierValue: carrierValue.value,
    tankL: tankL.value,
    conditioning: conditioning.value,
    partners: draft.value.partners,
    waterInAfterH: route.value === 'leaf' ? optional(draft.value.waterInAfterH) : undefined,
  }))
  const choiceWith = (rateValue: number | undefined): ChosenApplication | undefined => {
    const { value: of } = rate
    if (!of || !chosen.value || contentProblem.value) return undefined
    return {
      route: route.value,
      sourceId: chosen.value.sourceId,
      rate: of,
      rateValue,
      contentShare: contentShare.value,
      weighedKgPerL: input.weighedKgPerL.value,
      scoopKg: input.scoopKg.value,
      ...(of.carrier ? inTank.value : noTank),
      ...(rateBases[of.basis].countsPresent
        ? {
            presentIronMgPerL: presentIronMgPerL.value,
            doseDays: optional(draft.value.doseDays),
          }
        : { presentIronMgPerL: undefined, doseDays: undefined }),
    }
  }
  const plan = (choice: ChosenApplication | undefined): Application | undefined =>
    choice && planApplication(applicationFacts(known.value, choice))
  /** What a rate may be said in, before one is read. */
  const facts = computed(() => plan(choiceWith(undefined))?.rateFacts ?? {})
  const readValue = computed<{ value?: number; error?: CoreError }>(() => {
    const [of, said] = [rate.value, facts.value.value]
    if (!of || !said || draft.value.rate.trim() === '') return {}
    try {
      return { value: readRate(draft.value.rate, of, said) }
    } catch (error) {
      if (error instanceof CoreError) return { error }
      throw error
    }
  })
  const rateValue = computed(() => readValue.value.value)
  const choice = computed(() => choiceWith(rateValue.value))
  const application = computed(() => plan(choice.value))

  const amount = computed(() => {
    const error = readValue.value.error ?? application.value?.amount.error
    const value = error ? undefined : application.value?.amount.value
    return {
      ...(value ? { value } : {}),
      ...(error ? { problem: words(error) } : {}),
      ...(value && application.value?.usual ? { usual: application.value.usual } : {}),
      isAboveTable: value !== undefined && application.value?.isAboveTable === true,
    }
  })
  const fills = computed(() => {
    const { value: plan, error } = application.value?.fills ?? {}
    return { ...(plan ? { plan } : {}), ...(error ? { problem: words(error) } : {}) }
  })
  const acid = computed(() => {
    const { value, error } = application.value?.acid ?? {}
    return { ...(value ? { value } : {}), ...(error ? { problem: words(error) } : {}) }
  })
  return {
    choice,
    rateValue,
    carrierValue,
    tankL,
    contentShare,
    contentProblem,
    conditioning,
    amount,
    fills,
    acid,
    spread: computed(() => application.value?.spread),
    dose: computed(() => application.value?.dose?.value),
    problems: computed(() => application.value?.problems ?? []),
    isStopped: computed(() => application.value?.isStopped ?? false),
    same: computed(() => application.value && sameAmount(application.value, input.system.value)),
    retention: computed(() => application.value?.retention),
    /** By which amounts are reckoned: weighed, by the product, or usual for the form [kg/L]. */
    densityKgPerL: computed(() => application.value?.densityKgPerL),
  }
}
