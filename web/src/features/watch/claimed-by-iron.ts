import type { ProductDto } from '@spudder/contract/shelf'
import { type StandStoryDto } from '@spudder/contract/stand'
import { applicationsOf } from '@spudder/core/days/entry'
import { daysBetween } from '@spudder/core/base/calendar'
import type { FigureRange } from '@spudder/core/base/reference'
import {
  ironShare,
  ironShareByStrip,
  nitrogenActsFor,
  shareTooWide,
  type NitrogenGiven,
} from '@spudder/core/outcome/regreening'
import type { TreatmentJudgement } from '../../shared/case/judgement.ts'
import type { SeenColour } from '../../shared/ribbon/seen-colour.ts'

/** Share of the greening that iron can claim, and whether a strip without nitrogen measured it. */
export interface Claimed extends FigureRange {
  readonly isMeasured: boolean
  /** Days after the treatment that it holds for. */
  readonly days: number
  /** What to do with it. */
  readonly advice: string
}

function adviceOn({ low, high }: FigureRange, isMeasured: boolean): string {
  if (!isMeasured) return 'A strip with the iron and without the nitrogen settles it.'
  return high - low > shareTooWide.value
    ? 'Too little has greened to tell them apart: look at both again when it is greener.'
    : 'The nitrogen did the rest.'
}

interface ClaimInput {
  readonly story: StandStoryDto
  readonly products: readonly ProductDto[]
  readonly judged: TreatmentJudgement
  readonly colours: Readonly<
    Record<'seen' | 'untreated' | 'withoutNitrogen', readonly SeenColour[]>
  >
}

/** Nitrogen put down about a treatment by the record; none where the ground is not known. */
function nitrogenGiven({ story, products, judged }: ClaimInput, until: number): NitrogenGiven[] {
  const { size } = story.stand
  if (size.kind !== 'area' || !size.areaM2) return []
  const areaHa = size.areaM2 / 10000
  return applicationsOf(story, products)
    .filter(({ isPlanned }) => !isPlanned)
    .map(({ day, productKg, contents }) => ({
      days: daysBetween(judged.entry.happenedOn, day),
      kgPerHa: (productKg * (contents.N ?? 0)) / areaHa,
    }))
    .filter(({ days, kgPerHa }) => kgPerHa > 0 && days <= until && days > -nitrogenActsFor.value)
}

/** What of the greening iron can claim: by the strip where there is one, else by the nitrogen recorded. */
export function claimedByIron(input: ClaimInput): Claimed | undefined {
  const { judged, colours } = input
  const last = judged.judgement.gains.at(-1)
  if (!last) return undefined
  const { entry, before } = judged
  const { seen, untreated, withoutNitrogen } = colours
  const watched = { appliedOn: entry.happenedOn, before, seen, untreated }
  const measured = ironShareByStrip(watched, withoutNitrogen)
  if (measured) return { ...measured, isMeasured: true, advice: adviceOn(measured, true) }
  const given = nitrogenGiven(input, last.days)
  const share = given.length > 0 ? ironShare(last.gain, last.days, given) : undefined
  return share && { ...share, isMeasured: false, days: last.days, advice: adviceOn(share, false) }
}
