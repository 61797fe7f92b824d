import { applicationFacts, type KnownOfApplication } from '@spudder/contract/remedy'
import {
  planApplication,
  sameAmount,
  type Application,
  type ChosenApplication,
} from '@spudder/core/apply/application'
import { calculate, type CoreError } from '@spudder/core/base/error'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { readRate, type Rate } from '@spudder/core/material/rate'
import type { Route } from '@spudder/core/stand/plant'
import { computed, ref, type ComputedRef, type Ref } from 'vue'
import type { Offer } from './offers.ts'
import {
  conditioningOf,
  contentProblemOf,
  contentShareOf,
  typedApplication,
  type ReadSoFar,
  type WorkDraft,
} from './typed-application.ts'

export interface WorkInput {
  /** What is known before anything is typed. */
  readonly known: ComputedRef<KnownOfApplication>
  readonly route: ComputedRef<Route>
  readonly chosen: ComputedRef<Offer | undefined>
  readonly rate: ComputedRef<Rate | undefined>
  readonly draft: Ref<WorkDraft>
  /** Of a spoon that somebody weighed for this [kg/L]. */
  readonly weighedKgPerL: ComputedRef<number | undefined>
  /** What a level scoop of it weighs [kg]. */
  readonly scoopKg: ComputedRef<number | undefined>
  readonly presentIronMgPerL: ComputedRef<number | undefined>
  readonly system: ComputedRef<UnitSystem>
}

/** A part of an application, or in words why it cannot be. */
function inWords<Value>(part: { readonly value?: Value; readonly error?: CoreError } | undefined) {
  const { value, error } = part ?? {}
  return {
    ...(value === undefined || error ? {} : { value }),
    ...(error ? { problem: error.sentence() } : {}),
  }
}

/** The application as typed so far, planned by the core; the rate in what it may be said in. */
function useApplication(input: WorkInput) {
  const { known, draft } = input
  /** Read by their fields; undefined while unreadable. */
  const carrierValue = ref<number>()
  const tankL = ref<number>()
  const read = computed<ReadSoFar>(() => ({
    route: input.route.value,
    chosen: input.chosen.value,
    rate: input.rate.value,
    carrierValue: carrierValue.value,
    tankL: tankL.value,
    weighedKgPerL: input.weighedKgPerL.value,
    scoopKg: input.scoopKg.value,
    presentIronMgPerL: input.presentIronMgPerL.value,
  }))
  const choiceWith = (rateValue: number | undefined) =>
    typedApplication(draft.value, read.value, rateValue)
  const plan = (choice: ChosenApplication | undefined): Application | undefined =>
    choice && planApplication(applicationFacts(known.value, choice))
  /** What a rate may be said in, before one is read. */
  const facts = computed(() => plan(choiceWith(undefined))?.rateFacts ?? {})
  const readValue = computed<{ value?: number; error?: CoreError }>(() => {
    const [of, said] = [input.rate.value, facts.value.value]
    if (!of || !said || draft.value.rate.trim() === '') return {}
    return calculate(() => readRate(draft.value.rate, of, said))
  })
  const choice = computed(() => choiceWith(readValue.value.value))
  return { carrierValue, tankL, readValue, choice, application: computed(() => plan(choice.value)) }
}

/** Turns what is typed into an application, and shows it part by part. */
export function useWork(input: WorkInput) {
  const { draft, chosen, system } = input
  const { carrierValue, tankL, readValue, choice, application } = useApplication(input)
  const contentShare = computed(() => contentShareOf(draft.value))
  const amount = computed(() => {
    const { error } = readValue.value
    const said = inWords(error ? { error } : application.value?.amount)
    const { usual, isAboveTable } = application.value ?? {}
    return {
      ...said,
      ...(said.value && usual ? { usual } : {}),
      isAboveTable: said.value !== undefined && isAboveTable === true,
    }
  })
  return {
    choice,
    rateValue: computed(() => readValue.value.value),
    carrierValue,
    tankL,
    contentShare,
    contentProblem: computed(() =>
      contentProblemOf(contentShare.value, chosen.value?.nutrientWord ?? 'iron'),
    ),
    conditioning: computed(() => conditioningOf(draft.value)),
    amount,
    fills: computed(() => {
      const { value: plan, ...problem } = inWords(application.value?.fills)
      return { ...(plan ? { plan } : {}), ...problem }
    }),
    acid: computed(() => inWords(application.value?.acid)),
    spread: computed(() => application.value?.spread),
    dose: computed(() => application.value?.dose?.value),
    problems: computed(() => application.value?.problems ?? []),
    isStopped: computed(() => application.value?.isStopped ?? false),
    isUnanswered: computed(() => application.value?.isUnanswered ?? false),
    same: computed(() => application.value && sameAmount(application.value, system.value)),
    retention: computed(() => application.value?.retention),
    /** By which amounts are calculated: weighed, by the product, or usual for the form [kg/L]. */
    densityKgPerL: computed(() => application.value?.densityKgPerL),
  }
}
