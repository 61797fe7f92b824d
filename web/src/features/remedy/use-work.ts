import { CoreError } from '@spudder/core/base/error'
import { planDose, type DosePlan } from '@spudder/core/apply/dose'
import { planFills, type FillPlan } from '@spudder/core/apply/mix'
import type { Context, Route, StandSize } from '@spudder/core/stand/plant'
import type { UnitSystem } from '@spudder/core/base/quantity'
import {
  amountFor,
  carrierLitres,
  factsOfJob,
  rateBases,
  readRate,
  sameRate,
  type Amount,
  type Rate,
  type RateFacts,
  type SameRate,
  type StandMeasures,
} from '@spudder/core/material/rate'
import { findSource } from '@spudder/core/material/source'
import { dropsOf, leafHoldAt, type LeafHold, type SprayerSetup } from '@spudder/core/apply/sprayer'
import { acidDose, type AcidDose } from '@spudder/core/soil/water'
import { judgeWork, type JarTest, type WorkProblem } from '@spudder/core/apply/work'
import type { LabelMaximum } from '@spudder/core/material/rate'
import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { numberIn } from '../../shared/form/number-text.ts'
import type { Offer } from './offers.ts'
import type { TankDraft } from './tank-draft.ts'

/** Newest readings of a solution that a dose looks at. */
export interface LoopState {
  readonly pH?: number | undefined
  readonly ammoniumMgPerLN?: number | undefined
  readonly nitriteMgPerLN?: number | undefined
}

export interface WorkGrounds {
  readonly context: Context
  readonly size: StandSize
  readonly measures: ComputedRef<StandMeasures>
  readonly route: ComputedRef<Route>
  readonly chosen: ComputedRef<Offer | undefined>
  readonly rate: ComputedRef<Rate | undefined>
  readonly draft: Ref<TankDraft & { rate: string; contentPercent: string; doseDays: string }>
  readonly densityKgPerL: ComputedRef<number | undefined>
  /** The same, where somebody weighed it or the label says it. */
  readonly weighedKgPerL: ComputedRef<number | undefined>
  /** What a level scoop of it weighs [kg]. */
  readonly scoopKg: ComputedRef<number | undefined>
  readonly presentIronMgPerL: ComputedRef<number | undefined>
  readonly labelMaximum: ComputedRef<LabelMaximum | undefined>
  readonly setup: ComputedRef<SprayerSetup | undefined>
  readonly jarTests: ComputedRef<readonly JarTest[]>
  readonly loop: ComputedRef<LoopState>
  /** Warmest hour foretold for the day chosen [°C]. */
  readonly maxC: ComputedRef<number | undefined>
  readonly system: ComputedRef<UnitSystem>
}

/** What a rate comes to, or what is wrong with it. */
interface WorkedAmount {
  readonly value?: Amount
  readonly usual?: { readonly low: Amount; readonly high: Amount }
  readonly isAboveTable?: boolean
  readonly problem?: string
}

const words = (error: unknown): string => {
  if (error instanceof CoreError) return `Give ${error.expected}.`
  throw error
}
/** A value, or in words why there is none. */
function attempt<Value>(act: () => Value): { value?: Value; problem?: string } {
  try {
    return { value: act() }
  } catch (error) {
    return { problem: words(error) }
  }
}

/** Works out what is typed: amounts, fills, acid, dose, and everything that stands against it. */
export function useWork(grounds: WorkGrounds) {
  const { context, size, measures, route, chosen, rate, draft, presentIronMgPerL } = grounds
  /** Read by their fields; undefined while unreadable. */
  const carrierValue = ref<number>()
  const tankL = ref<number>()

  const contentShare = computed(() => numberIn(draft.value.contentPercent) / 100)
  const contentProblem = computed(() =>
    contentShare.value >= 0.001 && contentShare.value <= 0.8
      ? undefined
      : `Give the percentage of ${chosen.value?.nutrientWord ?? 'iron'} on the label, from 0.1 to 80.`,
  )
  /** What amounts are reckoned by, but for the rate; undefined until all of it is there. */
  const base = computed(() => {
    if (!rate.value || contentProblem.value) return undefined
    if (rate.value.carrier && carrierValue.value === undefined) return undefined
    return {
      rate: rate.value,
      size,
      measures: measures.value,
      contentShare: contentShare.value,
      nutrientWord: chosen.value?.nutrientWord ?? 'iron',
      ...(grounds.densityKgPerL.value === undefined
        ? {}
        : { densityKgPerL: grounds.densityKgPerL.value }),
      ...(rate.value.carrier && carrierValue.value !== undefined
        ? { carrierValue: carrierValue.value }
        : {}),
      ...(presentIronMgPerL.value === undefined
        ? {}
        : { presentIronMgPerL: presentIronMgPerL.value }),
    }
  })
  const facts = computed(() => {
    const known = base.value
    const scoopKg = grounds.scoopKg.value
    return (
      known &&
      attempt((): RateFacts => ({
        ...factsOfJob(known, carrierLitres(known)),
        ...(scoopKg === undefined ? {} : { scoopKg }),
      }))
    )
  })
  const readValue = computed(() => {
    const known = rate.value
    const said = facts.value?.value
    if (!known || !said || draft.value.rate.trim() === '') return {}
    return attempt(() => readRate(draft.value.rate, known, said))
  })
  const rateValue = computed(() => readValue.value.value)

  const amount = computed<WorkedAmount>(() => {
    const known = base.value
    const problem = facts.value?.problem ?? readValue.value.problem
    if (problem) return { problem }
    const value = rateValue.value
    if (!known || value === undefined) return {}
    const { low, high } = known.rate.rate
    const worked = attempt(() => {
      const at = (rateTaken: number) => amountFor({ ...known, rateValue: rateTaken })
      return { value: at(value), usual: { low: at(low), high: at(high) } }
    })
    return worked.value
      ? { ...worked.value, isAboveTable: value > high * 1.001 }
      : { problem: worked.problem ?? '' }
  })

  /** A strength comes to more or less on the ground with the water; over the usual water. */
  const spread = computed(() => {
    const known = base.value
    const value = rateValue.value
    const carrier = known?.rate.carrier
    if (!known || value === undefined || !carrier || size.kind !== 'area') return undefined
    if (rateBases[known.rate.basis].by !== 'carrier') return undefined
    const at = (carrierValue: number) =>
      attempt(() => amountFor({ ...known, rateValue: value, carrierValue })).value
    const [low, high] = [at(carrier.low), at(carrier.high)]
    return low && high ? { low, high, carrier } : undefined
  })

  const fills = computed<{ plan?: FillPlan; problem?: string }>(() => {
    const total = amount.value.value
    const tank = tankL.value
    if (!total || total.carrierL <= 0 || tank === undefined) return {}
    const { value: plan, problem } = attempt(() =>
      planFills({ productKg: total.productKg, waterL: total.carrierL, tankL: tank }),
    )
    return plan ? { plan } : { problem: problem ?? '' }
  })

  /** Water and acid as typed; undefined while the water is taken as it comes. */
  const conditioning = computed(() => {
    const { acidId, alkalinity, waterPH, targetPH } = draft.value
    if (acidId === '') return undefined
    return {
      acidId,
      alkalinityMgPerLCaCO3: numberIn(alkalinity),
      pH: numberIn(waterPH),
      targetPH: numberIn(targetPH),
    }
  })
  const acid = computed<{ value?: AcidDose; problem?: string }>(() => {
    const total = amount.value.value
    const water = conditioning.value
    if (!total || !water || total.carrierL <= 0) return {}
    const { acidId, targetPH, ...test } = water
    const { plan } = fills.value
    const fill = plan ? (plan.fullFills > 0 ? plan.full : plan.part) : undefined
    return attempt(() =>
      acidDose(acidId, test, { targetPH, waterL: fill?.waterL ?? total.carrierL }),
    )
  })

  const dose = computed<DosePlan | undefined>(() => {
    const known = rate.value
    const value = rateValue.value
    if (known?.basis !== 'iron-in-solution' || size.kind !== 'solution' || value === undefined) {
      return undefined
    }
    const days =
      draft.value.doseDays === '' ? (known.stepDays ?? 1) : numberIn(draft.value.doseDays)
    return attempt(() =>
      planDose({
        presentMgPerL: presentIronMgPerL.value ?? 0,
        wantedMgPerL: value,
        volumeL: size.volumeL,
        contentShare: contentShare.value,
        days,
        hasFish: context === 'aquaponic',
        isSalt: chosen.value !== undefined && findSource(chosen.value.sourceId).kind === 'salt',
        ...grounds.loop.value,
      }),
    ).value
  })

  const drop = computed(() => grounds.setup.value && dropsOf(grounds.setup.value))
  const problems = computed<readonly WorkProblem[]>(() => {
    const total = amount.value.value
    if (!total || !chosen.value) return []
    const waterInAfterH = numberIn(draft.value.waterInAfterH)
    return judgeWork({
      context,
      route: route.value,
      sourceId: chosen.value.sourceId,
      size,
      measures: measures.value,
      productKg: total.productKg,
      carrierL: total.carrierL,
      contentShare: contentShare.value,
      densityKgPerL: grounds.weighedKgPerL.value,
      labelMaximum: grounds.labelMaximum.value,
      // A partner without a name is not put in yet.
      partners: draft.value.partners.filter(({ name, isApart }) => !isApart && name.trim() !== ''),
      jarTests: grounds.jarTests.value,
      waterInAfterH: Number.isNaN(waterInAfterH) ? undefined : waterInAfterH,
      drop: drop.value,
      maxC: grounds.maxC.value,
      doseWarnings: dose.value?.warnings,
    })
  })
  const same = computed<SameRate | undefined>(() => {
    const total = amount.value.value
    const said = facts.value?.value
    return total && said ? sameRate(total.productKg, said, grounds.system.value) : undefined
  })
  const hold = computed<LeafHold | undefined>(() => {
    const total = amount.value.value
    if (route.value !== 'leaf' || size.kind !== 'area' || !total || total.carrierL <= 0) {
      return undefined
    }
    return attempt(() => leafHoldAt(total.carrierL / size.areaM2, drop.value)).value
  })

  return {
    rateValue,
    carrierValue,
    tankL,
    contentShare,
    contentProblem,
    amount,
    spread,
    fills,
    conditioning,
    acid,
    dose,
    problems,
    isStopped: computed(() => problems.value.some(({ stops }) => stops)),
    same,
    hold,
  }
}
