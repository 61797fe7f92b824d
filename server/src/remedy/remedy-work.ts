import type { CreateRemedyDto } from '@spudder/contract/remedy'
import { planDose, type DosePlan } from '@spudder/core/apply/dose'
import { planFills } from '@spudder/core/apply/mix'
import { amountFor, type Amount, type Rate } from '@spudder/core/material/rate'
import { contentWords, findSource } from '@spudder/core/material/source'
import { dropsOf } from '@spudder/core/apply/sprayer'
import { acidDose } from '@spudder/core/soil/water'
import { judgeWork } from '@spudder/core/apply/work'
import type { Connection } from '../database/connect.ts'
import { ServiceError } from '../http/service-error.ts'
import { listJarTests } from '../jar-test/jar-test.repository.ts'
import { requireDayWithinLabel } from '../label/label-limit.service.ts'
import type { JobRow } from '../job/job.repository.ts'
import type { ProductRow } from '../shelf/product.repository.ts'
import type { SprayerRow } from '../sprayer/sprayer.repository.ts'
import type { StandRow } from '../stand/stand.repository.ts'

/** What a remedy comes to: its amounts, and the days it is shared over. */
export interface ReckonedWork {
  readonly amount: Amount
  readonly dose: DosePlan | undefined
  readonly steps: number
}

/** The dose to a solution that is brought to a strength; undefined for every other rate. */
function doseOf(dto: CreateRemedyDto, rate: Rate, stand: StandRow): DosePlan | undefined {
  if (rate.basis !== 'iron-in-solution' || stand.size.kind !== 'solution') return undefined
  return planDose({
    presentMgPerL: dto.presentIronMgPerL ?? 0,
    wantedMgPerL: dto.rateValue,
    volumeL: stand.size.volumeL,
    contentShare: dto.contentShare,
    days: dto.doseDays ?? rate.stepDays ?? 1,
    hasFish: stand.context === 'aquaponic',
    isSalt: findSource(dto.sourceId).kind === 'salt',
  })
}

/**
 * Works a remedy out from what is stored of the stand, not from what the sender reckoned.
 * @throws {CoreError} for figures that cannot be, or a tank that cannot do the job
 */
export function reckonWork(dto: CreateRemedyDto, rate: Rate, stand: StandRow): ReckonedWork {
  const { rateValue, contentShare, carrierValue, presentIronMgPerL, densityKgPerL, tankL } = dto
  const amount = amountFor({
    rate,
    rateValue,
    size: stand.size,
    contentShare,
    nutrientWord: contentWords[findSource(dto.sourceId).nutrient],
    ...(stand.measures ? { measures: stand.measures } : {}),
    ...(densityKgPerL === undefined ? {} : { densityKgPerL }),
    ...(carrierValue === undefined ? {} : { carrierValue }),
    ...(presentIronMgPerL === undefined ? {} : { presentIronMgPerL }),
  })
  const { productKg, carrierL } = amount
  // A tank that cannot do the job is refused now, not found out at the tap; so is the acid.
  if (tankL !== undefined && carrierL > 0) planFills({ productKg, waterL: carrierL, tankL })
  if (dto.conditioning && carrierL > 0) {
    const { acidId, targetPH, ...water } = dto.conditioning
    acidDose(acidId, water, { targetPH, waterL: carrierL })
  }
  const dose = doseOf(dto, rate, stand)
  return { amount, dose, steps: dose ? dose.steps.length : (rate.stepDays ?? 1) }
}

interface SoundWork {
  readonly dto: CreateRemedyDto
  readonly stand: StandRow
  readonly product: ProductRow | undefined
  readonly sprayer: SprayerRow | undefined
  readonly work: ReckonedWork
}

/**
 * Nothing is planned that a careful person would stop at: over the label, a drench on leaves, an
 * untried partner, salt among fish.
 * @throws {ServiceError} invalid-body, at the field that has to change
 */
export async function requireSoundWork(
  connection: Connection,
  { dto, stand, product, sprayer, work }: SoundWork,
): Promise<void> {
  const { productKg, carrierL } = work.amount
  const [stop] = judgeWork({
    context: stand.context,
    route: dto.route,
    sourceId: dto.sourceId,
    size: stand.size,
    measures: stand.measures ?? undefined,
    productKg,
    carrierL,
    contentShare: dto.contentShare,
    densityKgPerL: dto.densityKgPerL,
    labelMaximum: product?.labelMaximum ?? undefined,
    partners: (dto.partners ?? []).filter(({ isApart }) => !isApart),
    jarTests: dto.partners?.length ? await listJarTests(connection, stand.placeId) : [],
    waterInAfterH: dto.waterInAfterH,
    drop: sprayer && dropsOf(sprayer.setup),
    doseWarnings: work.dose?.warnings,
  })
  if (stop?.stops) {
    throw new ServiceError('invalid-body', stop.words, [{ field: stop.field, message: stop.words }])
  }
}

/**
 * Every day on which a remedy puts its product out, repeats too, must bear it by the label, beside what
 * else is planned and done on it.
 * @throws {ServiceError} invalid-body, with the words of the limit
 */
export async function requireDaysWithinLabel(
  connection: Connection,
  { dto, stand, product, work }: SoundWork,
  jobs: readonly Pick<JobRow, 'kind' | 'dueOn' | 'share'>[],
): Promise<void> {
  if (!product) return
  const { productKg, carrierL } = work.amount
  for (const { dueOn, share } of jobs.filter(({ kind }) => kind === 'apply')) {
    await requireDayWithinLabel(connection, {
      product,
      stand,
      by: { ...dto, densityKgPerL: dto.densityKgPerL ?? null },
      day: dueOn,
      productKg: productKg * share,
      carrierL: carrierL * share,
    })
  }
}
