import {
  amountFor,
  carrierLitres,
  factsOfJob,
  rateBases,
  sameRate,
  type Amount,
  type AmountInput,
  type Rate,
  type RateFacts,
  type SameRate,
} from '../../material/rate/index.ts'
import { contentWords, findSource } from '../../material/source/index.ts'
import { acidDose, type AcidDose } from '../../soil/water/index.ts'
import { calculate, type Calculated } from '../../base/error/index.ts'
import type { UnitSystem } from '../../base/quantity/index.ts'
import { isSaltThatHurtsFish, planDose, type DosePlan } from '../dose/index.ts'
import { planFills, type FillPlan } from '../mix/index.ts'
import { leafLayerOf, leafRetentionAt, type LeafRetention } from '../sprayer/index.ts'
import { judgeWork, type WorkProblem } from '../work/index.ts'
import { densityOfProduct, calculatedDensity } from './density.ts'
import type { ApplicationFacts } from './facts.ts'

/** What the water of a strength comes to at the least and the most of the usual water. */
export interface AmountSpread {
  readonly low: Amount
  readonly high: Amount
  readonly carrier: NonNullable<Rate['carrier']>
}

/** An application worked out: what to weigh, mix and dose, and what stands against it. */
export interface Application {
  /** What amounts were calculated by [kg/L]; undefined where nobody knows. */
  readonly densityKgPerL: number | undefined
  /** How much there is of what rates count by: what a rate may be said in. */
  readonly rateFacts: Calculated<RateFacts>
  readonly amount: Calculated<Amount>
  /** At the least and the most of the table; undefined where there is no amount. */
  readonly usual: { readonly low: Amount; readonly high: Amount } | undefined
  readonly isAboveTable: boolean
  readonly spread: AmountSpread | undefined
  readonly fills: Calculated<FillPlan>
  /** Into one fill; into all the water where there is no tank. */
  readonly acid: Calculated<AcidDose>
  /** Of a solution that is brought to a strength; undefined for every other rate. */
  readonly dose: Calculated<DosePlan> | undefined
  /** Days over which it goes out. */
  readonly steps: number
  readonly retention: LeafRetention | undefined
  /** Over what practice goes to, and nobody has said why. */
  readonly isUnanswered: boolean
  /** What stops it first; a problem of the label, the tank, the water, partners or the dose. */
  readonly problems: readonly WorkProblem[]
  readonly isStopped: boolean
}

/** Rounding that the table forgives. */
const slack = 1.001

/** What amounts are calculated by, but for the rate; undefined until all of it is there. */
function amountInputOf(facts: ApplicationFacts): Omit<AmountInput, 'rateValue'> | undefined {
  const { stand, chosen } = facts
  const { rate, carrierValue, contentShare, presentIronMgPerL } = chosen
  if (rate.carrier && carrierValue === undefined) return undefined
  const densityKgPerL = calculatedDensity(densityOfProduct(facts))
  return {
    rate,
    size: stand.size,
    measures: stand.measures,
    contentShare,
    nutrientWord: contentWords[findSource(chosen.sourceId).nutrient],
    ...(densityKgPerL === undefined ? {} : { densityKgPerL }),
    ...(rate.carrier && carrierValue !== undefined ? { carrierValue } : {}),
    ...(presentIronMgPerL === undefined ? {} : { presentIronMgPerL }),
  }
}

/** A strength comes to more or less on the ground with the water; over the usual water. */
function spreadOf(
  input: Omit<AmountInput, 'rateValue'>,
  rateValue: number,
): AmountSpread | undefined {
  const { carrier, basis } = input.rate
  if (!carrier || input.size.kind !== 'area' || rateBases[basis].by !== 'carrier') return undefined
  const at = (carrierValue: number) =>
    calculate(() => amountFor({ ...input, rateValue, carrierValue })).value
  const [low, high] = [at(carrier.low), at(carrier.high)]
  return low && high ? { low, high, carrier } : undefined
}

function fillsOf({ chosen }: ApplicationFacts, amount: Amount | undefined): Calculated<FillPlan> {
  const { tankL } = chosen
  if (!amount || amount.carrierL <= 0 || tankL === undefined) return {}
  const { productKg, carrierL: waterL } = amount
  return calculate(() => planFills({ productKg, waterL, tankL }))
}

function acidOf(
  { chosen: { conditioning } }: ApplicationFacts,
  amount: Amount | undefined,
  plan: FillPlan | undefined,
): Calculated<AcidDose> {
  if (!amount || !conditioning || amount.carrierL <= 0) return {}
  const { acidId, targetPH, ...test } = conditioning
  const fill = plan && (plan.fullFills > 0 ? plan.full : plan.part)
  const waterL = fill?.waterL ?? amount.carrierL
  return calculate(() => acidDose(acidId, test, { targetPH, waterL }))
}

function doseOf(facts: ApplicationFacts): Calculated<DosePlan> | undefined {
  const { stand, chosen, loop } = facts
  const { rate, rateValue, presentIronMgPerL, contentShare, doseDays } = chosen
  if (!rateBases[rate.basis].countsPresent || stand.size.kind !== 'solution') return undefined
  if (rateValue === undefined) return undefined
  const { volumeL } = stand.size
  return calculate(() =>
    planDose({
      presentMgPerL: presentIronMgPerL ?? 0,
      wantedMgPerL: rateValue,
      volumeL,
      contentShare,
      days: doseDays ?? rate.stepDays ?? 1,
      hasFish: stand.context === 'aquaponic',
      isSalt: isSaltThatHurtsFish(chosen.sourceId),
      ...loop,
    }),
  )
}

function problemsOf(
  facts: ApplicationFacts,
  { productKg, carrierL }: Amount,
  dose: DosePlan | undefined,
): readonly WorkProblem[] {
  const { stand, ground, chosen, product, jarTests, drop, maxC } = facts
  return judgeWork({
    ...stand,
    route: chosen.route,
    sourceId: chosen.sourceId,
    productName: product?.name ?? null,
    productKg,
    carrierL,
    contentShare: chosen.contentShare,
    // A label that counts by volume is held to what was weighed, not to what its form usually weighs.
    weighedKgPerL: densityOfProduct(facts).weighedKgPerL,
    labelMaximum: product?.labelMaximum,
    // One without a name is not put in yet.
    partners: chosen.partners.filter(({ name, isApart }) => !isApart && name.trim() !== ''),
    jarTests,
    waterInAfterH: chosen.waterInAfterH,
    presentMgPerL: chosen.presentIronMgPerL,
    why: chosen.why,
    isAtPlanting: chosen.rate.isAtPlanting === true,
    drop,
    maxC,
    ground,
    doseWarnings: dose?.warnings,
  })
}

function retentionOf({ stand, chosen, drop }: ApplicationFacts, amount: Amount | undefined) {
  const { size } = stand
  if (chosen.route !== 'leaf' || size.kind !== 'area' || !amount || amount.carrierL <= 0) {
    return undefined
  }
  return calculate(() =>
    leafRetentionAt(amount.carrierL / size.areaM2, drop, leafLayerOf(stand.context)),
  ).value
}

/**
 * The one use case of an application: what a person sees before storing it and what the server
 * checks. Nothing is thrown for figures that cannot be: they come back as errors beside their part.
 * @returns amounts [kg, L], fills, acid, dose, what stays on the leaf, and all that stands against it
 * @throws {CoreError} unknown-name for a source that is not in the catalogue
 * @source amounts by definition; limits and shares carry their own sources
 */
export function planApplication(facts: ApplicationFacts): Application {
  const input = amountInputOf(facts)
  const { rateValue, rate, scoopKg } = facts.chosen
  const rateFacts: Calculated<RateFacts> = input
    ? calculate(() => ({
        ...factsOfJob(input, carrierLitres(input), input.rate.route),
        ...(scoopKg === undefined ? {} : { scoopKg }),
      }))
    : {}
  const at = (value: number) => {
    if (!input) return {}
    return calculate(() => amountFor({ ...input, rateValue: value }))
  }
  const amount: Calculated<Amount> = rateValue === undefined ? {} : at(rateValue)
  const [low, high] = amount.value ? [at(rate.rate.low).value, at(rate.rate.high).value] : []
  const fills = fillsOf(facts, amount.value)
  const dose = doseOf(facts)
  const problems = amount.value ? problemsOf(facts, amount.value, dose?.value) : []
  return {
    densityKgPerL: calculatedDensity(densityOfProduct(facts)),
    rateFacts,
    amount: rateFacts.error ? { error: rateFacts.error } : amount,
    usual: low && high ? { low, high } : undefined,
    isAboveTable: rateValue !== undefined && rateValue > rate.rate.high * slack,
    spread: input && rateValue !== undefined ? spreadOf(input, rateValue) : undefined,
    fills,
    acid: acidOf(facts, amount.value, fills.value),
    dose,
    steps: dose?.value ? dose.value.steps.length : (rate.stepDays ?? 1),
    retention: retentionOf(facts, amount.value),
    problems,
    isUnanswered: problems.some(({ reason }) => reason === 'wanted'),
    isStopped: problems.some(({ stops }) => stops),
  }
}

/** The amount of an application said in every other way, or what has to be known for that. */
export function sameAmount(
  { amount, rateFacts }: Application,
  system: UnitSystem,
): SameRate | undefined {
  return amount.value && rateFacts.value
    ? sameRate(amount.value.productKg, rateFacts.value, system)
    : undefined
}
