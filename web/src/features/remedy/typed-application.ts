import { rateBases, type Rate } from '@spudder/core/material/rate'
import type { ChosenApplication, Conditioning } from '@spudder/core/apply/application'
import type { Route } from '@spudder/core/stand/plant'
import { numberIn } from '../../shared/form/number-text.ts'
import type { Offer } from './offers.ts'
import type { TankDraft } from './tank-draft.ts'

/** What is typed of the application, as typed. */
export type WorkDraft = TankDraft & {
  rate: string
  contentPercent: string
  doseDays: string
  why: string
}

/** What was chosen and read so far; undefined while a field cannot be read. */
export interface ReadSoFar {
  readonly route: Route
  readonly chosen: Offer | undefined
  readonly rate: Rate | undefined
  readonly carrierValue: number | undefined
  readonly tankL: number | undefined
  readonly weighedKgPerL: number | undefined
  readonly scoopKg: number | undefined
  readonly presentIronMgPerL: number | undefined
}

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

/** The nutrient that the label states, as a share [1]. */
export const contentShareOf = ({ contentPercent }: Pick<WorkDraft, 'contentPercent'>): number =>
  numberIn(contentPercent) / 100

/** Why a share of nutrient cannot be; undefined where it can. */
export const contentProblemOf = (share: number, word: string): string | undefined =>
  share >= 0.001 && share <= 0.8
    ? undefined
    : `Give the percentage of ${word} on the label, from 0.1 to 80.`

/** Water and acid as typed; undefined while the water is taken as it comes. */
export function conditioningOf(draft: WorkDraft): Conditioning | undefined {
  const { acidId, alkalinity, waterPH, targetPH } = draft
  if (acidId === '') return undefined
  return {
    acidId,
    alkalinityMgPerLCaCO3: numberIn(alkalinity),
    pH: numberIn(waterPH),
    targetPH: numberIn(targetPH),
  }
}

/**
 * The application that is chosen, as the core plans it.
 * @param rateValue undefined while only what a rate may be said in is asked
 * @returns undefined while nothing is chosen or the label's share cannot be
 */
export function typedApplication(
  draft: WorkDraft,
  read: ReadSoFar,
  rateValue: number | undefined,
): ChosenApplication | undefined {
  const { route, chosen, rate } = read
  const contentShare = contentShareOf(draft)
  if (!rate || !chosen || contentProblemOf(contentShare, '')) return undefined
  const tank = {
    carrierValue: read.carrierValue,
    tankL: read.tankL,
    conditioning: conditioningOf(draft),
    partners: draft.partners,
    waterInAfterH: route === 'leaf' ? optional(draft.waterInAfterH) : undefined,
  }
  const present = rateBases[rate.basis].countsPresent
  return {
    route,
    sourceId: chosen.sourceId,
    rate,
    rateValue,
    contentShare,
    weighedKgPerL: read.weighedKgPerL,
    scoopKg: read.scoopKg,
    ...(rate.carrier ? tank : noTank),
    presentIronMgPerL: present ? read.presentIronMgPerL : undefined,
    doseDays: present ? optional(draft.doseDays) : undefined,
    why: draft.why.trim() === '' ? undefined : draft.why.trim(),
  }
}
