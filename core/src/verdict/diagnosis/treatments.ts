import type { TreatmentId } from './data/cause.ts'
import type { Hypothesis } from './hypotheses.ts'

/**
 * Treatments that begin with the same step: a chelate that holds, or a leaf spray. Whether one may act
 * does not wait for which of two kinds of lime it is; what comes after does.
 */
const beginsAs: Readonly<Partial<Record<TreatmentId, TreatmentId>>> = {
  'iron-past-lime': 'iron-past-high-pH',
}
/** The treatment that one begins as; itself where none begins alike. */
export const beginningOf = (treatment: TreatmentId): TreatmentId => beginsAs[treatment] ?? treatment

/** How far treating for one cause is right where these are the causes: of two, either treats half [1]. */
export const creditOf = (
  treatment: TreatmentId,
  causes: readonly { readonly treatment: TreatmentId }[],
): number =>
  causes.filter((cause) => beginningOf(cause.treatment) === beginningOf(treatment)).length /
  causes.length

/** How far each treatment is right under each hypothesis: of two causes, either treats half. */
export interface TreatmentCredits {
  readonly treatments: readonly TreatmentId[]
  /** By hypothesis: the index of the treatment of its first cause, and of its second or the same. */
  readonly first: Uint8Array
  readonly second: Uint8Array
}

/** @param as what a treatment counts as; itself where nothing is said */
export function creditsOf(
  hypotheses: readonly Pick<Hypothesis, 'causes'>[],
  as: (treatment: TreatmentId) => TreatmentId = (own) => own,
): TreatmentCredits {
  const treatments = [
    ...new Set(hypotheses.flatMap(({ causes }) => causes.map(({ treatment }) => as(treatment)))),
  ]
  const indexOf = ({ causes }: Pick<Hypothesis, 'causes'>, which: number) =>
    treatments.indexOf(as((causes[which] ?? causes[0]).treatment))
  return {
    treatments,
    first: Uint8Array.from(hypotheses, (each) => indexOf(each, 0)),
    second: Uint8Array.from(hypotheses, (each) => indexOf(each, 1)),
  }
}

/** The treatment likeliest to be right, and how likely; the weights need not sum to one. */
export function bestCredit(
  { treatments, first, second }: TreatmentCredits,
  weights: ArrayLike<number>,
): { readonly treatment: TreatmentId; readonly chance: number } {
  const credit = new Float64Array(treatments.length)
  let total = 0
  for (let index = 0; index < first.length; index += 1) {
    const weight = weights[index] ?? 0
    const [a, b] = [first[index] ?? 0, second[index] ?? 0]
    credit[a] = (credit[a] ?? 0) + weight / 2
    credit[b] = (credit[b] ?? 0) + weight / 2
    total += weight
  }
  let best = 0
  for (let index = 1; index < credit.length; index += 1) {
    if ((credit[index] ?? 0) > (credit[best] ?? 0)) best = index
  }
  return { treatment: treatments[best] ?? 'ask', chance: (credit[best] ?? 0) / total }
}
