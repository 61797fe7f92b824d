import type { JobDto } from '@spudder/contract/job'
import type { PlaceDto } from '@spudder/contract/place'
import type { RemedyDto } from '@spudder/contract/remedy'
import { stripOf } from '@spudder/core/days/plan'
import type { ProductDto } from '@spudder/contract/shelf'
import { toSetup, type SprayerDto } from '@spudder/contract/sprayer'
import { stripFacts, toStandSize, type StandStoryDto } from '@spudder/contract/stand'
import type { Outline } from '@spudder/core/stand/ground'
import type { SheetInput, StepSheetInput } from '@spudder/core/days/sheet'
import type { AcidPlanDto } from '@spudder/contract/acid-plan'
import { groundRange, groundUnit } from '../units/ground-rate.ts'

/** What a sheet is put together from, as the server tells it. */
export interface SheetParts {
  readonly place: PlaceDto
  readonly story: Pick<StandStoryDto, 'stand' | 'jobs'>
  readonly job: JobDto
  readonly remedy: RemedyDto
  readonly products: readonly ProductDto[]
  readonly sprayers: readonly SprayerDto[]
  readonly today: string
}

/** When the first change is due, and when it should be green. */
const looksOfOne = 2

/** The sheet of an application, from what is stored of it. */
export function sheetInputOf(parts: SheetParts): SheetInput {
  const { place, story, job, remedy, today } = parts
  const { stand } = story
  const product = parts.products.find(({ id }) => id === remedy.productId)
  const sprayer = parts.sprayers.find(({ id }) => id === remedy.sprayerId)
  const outline = stand.measures?.outline
  const hasStrip = story.jobs.some(
    ({ kind, remedyId, status }) =>
      kind === 'strip' && remedyId === remedy.id && status !== 'dropped',
  )
  return {
    system: place.unitSystem,
    today,
    placeName: place.name,
    stand: {
      name: stand.name,
      context: stand.context,
      size: toStandSize(stand.size),
      outline: outline as unknown as Outline | undefined,
    },
    job: { title: job.title, dueOn: job.dueOn, share: job.share },
    strip: hasStrip ? stripOf(stripFacts(stand, sprayer && toSetup(sprayer.setup))) : undefined,
    work: {
      route: remedy.route,
      sourceId: remedy.sourceId,
      productKg: remedy.productKg * job.share,
      waterL: remedy.carrierL * job.share,
      tankL: remedy.tankL ?? undefined,
      densityKgPerL: remedy.densityKgPerL ?? undefined,
      conditioning: remedy.conditioning ?? undefined,
      partners: (remedy.partners ?? []).filter(({ isApart }) => !isApart),
      waterInAfterH: remedy.waterInAfterH ?? undefined,
    },
    product: product && { name: product.name, lot: product.lot, hazards: product.hazards },
    sprayer: sprayer && {
      name: sprayer.name,
      setup: toSetup(sprayer.setup),
      calibration: sprayer.calibration ?? undefined,
    },
    // Those of this application; a repeat has its own.
    looks: story.jobs
      .filter(
        ({ kind, remedyId, status, dueOn }) =>
          kind === 'look' &&
          remedyId === job.remedyId &&
          status === 'planned' &&
          dueOn >= job.dueOn,
      )
      .toSorted((one, other) => (one.dueOn < other.dueOn ? -1 : 1))
      .slice(0, looksOfOne)
      .map(({ title, dueOn }) => ({ title, dueOn })),
  }
}

/** What the sheet of a step of an acid plan is put together from, as the server tells it. */
export interface StepSheetParts extends Pick<SheetParts, 'place' | 'job' | 'products' | 'today'> {
  readonly story: Pick<StandStoryDto, 'stand' | 'jobs'>
  readonly plan: AcidPlanDto
}

/** The sheet of a step; undefined for a job of the plan that puts nothing out. */
export function stepSheetInputOf(parts: StepSheetParts): StepSheetInput | undefined {
  const { place, story, job, plan, today } = parts
  const { stand } = story
  if (job.sourceId === null || job.plannedKg === null) return undefined
  const product = parts.products.find(({ id }) => id === job.productId)
  const kgPerM2 = job.plannedKg / plan.groundM2
  const unit = groundUnit(place.unitSystem, plan.situation)
  return {
    system: place.unitSystem,
    today,
    placeName: place.name,
    stand: { name: stand.name, context: stand.context, size: toStandSize(stand.size) },
    job: { title: job.title, dueOn: job.dueOn, share: job.share },
    step: {
      sourceId: job.sourceId,
      productKg: job.plannedKg,
      groundM2: plan.groundM2,
      depthM: plan.ground.depthM,
      situation: plan.situation,
    },
    rateWords: groundRange({ low: kgPerM2, high: kgPerM2 }, unit),
    product: product && { name: product.name, lot: product.lot, hazards: product.hazards },
    later: story.jobs
      .filter(
        ({ acidPlanId, status, dueOn, id }) =>
          acidPlanId === plan.id && status === 'planned' && id !== job.id && dueOn >= job.dueOn,
      )
      .toSorted((one, other) => (one.dueOn < other.dueOn ? -1 : 1))
      .slice(0, looksOfOne)
      .map(({ title, dueOn }) => ({ title, dueOn })),
  }
}
