import { putsOut } from '@spudder/core/days/plan'
import { applicationFacts, chosenOf, type CreateRemedyDto } from '@spudder/contract/remedy'
import { planApplication, type Application } from '@spudder/core/apply/application'
import type { Amount, Rate } from '@spudder/core/material/rate'
import { dateToDay } from '@spudder/core/base/calendar'
import type { Connection } from '../database/connect.ts'
import { ServiceError } from '../problem/service-error.ts'
import { listJarTests } from '../jar-test/jar-test.repository.ts'
import { countedOf } from '../learning/righting.ts'
import type { JobRow } from '../job/job.repository.ts'
import { requireDayWithinLabel } from '../shelf/label-limit.service.ts'
import type { ProductRow } from '../shelf/product.repository.ts'
import type { SprayerRow } from '../sprayer/sprayer.repository.ts'
import type { StandRow } from '../stand/stand.repository.ts'

/** What a remedy is judged by, as it is stored. */
export interface RemedyFacts {
  readonly dto: CreateRemedyDto
  readonly rate: Rate
  readonly stand: StandRow
  readonly product: ProductRow | undefined
  readonly sprayer: SprayerRow | undefined
  readonly at: Date
  /** Warmest hour expected on the day [°C]; undefined where nothing is foretold. */
  readonly maxC: number | undefined
}

/** A remedy that may be planned: nothing of it is in doubt or stands against it. */
export type SoundWork = Application & { readonly total: Amount }

/**
 * Works a remedy out from what is stored of the stand, not from what the sender calculated. Nothing is
 * planned that a careful person would stop at: over the label, a drench on leaves, an untried
 * partner, salt among fish; nor what a tank, an acid or a dose cannot do.
 * @throws {CoreError} for figures that cannot be
 * @throws {ServiceError} invalid-body, at the field that has to change
 */
export async function requireSoundWork(
  connection: Connection,
  { dto, rate, stand, product, sprayer, at, maxC }: RemedyFacts,
): Promise<SoundWork> {
  const today = dateToDay(at)
  const known = {
    stand,
    product,
    setup: sprayer?.setup,
    jarTests: dto.partners?.length ? await listJarTests(connection, stand.placeId) : [],
    readings: await countedOf(connection, stand, today),
    today,
    maxC,
  }
  const work = planApplication(applicationFacts(known, chosenOf(dto, rate)))
  const { amount, fills, acid, dose, problems } = work
  // A tank that cannot do the job is refused now, not found out at the tap; so are acid and dose.
  const [error] = [amount, fills, acid, dose].flatMap((part) => part?.error ?? [])
  if (error) throw error
  const [stop] = problems
  if (stop?.stops) {
    throw new ServiceError('invalid-body', stop.words, [{ field: stop.field, message: stop.words }])
  }
  const unanswered = problems.find(({ reason }) => reason === 'wanted')
  if (unanswered) {
    const message = `${unanswered.words} A few words do; they are kept with the job.`
    throw new ServiceError('invalid-body', message, [{ field: 'why', message }])
  }
  const total = amount.value
  if (!total) {
    const message = 'Give the water it goes out in.'
    throw new ServiceError('invalid-body', message, [{ field: 'carrierValue', message }])
  }
  return { ...work, total }
}

/**
 * Every day on which a remedy puts its product out, repeats too, must bear it by the label, beside what
 * else is planned and done on it.
 * @throws {ServiceError} invalid-body, with the words of the limit
 */
export async function requireDaysWithinLabel(
  connection: Connection,
  { dto, stand, product }: RemedyFacts,
  { productKg, carrierL }: Amount,
  jobs: readonly Pick<JobRow, 'kind' | 'dueOn' | 'share'>[],
): Promise<void> {
  if (!product) return
  for (const { dueOn, share } of jobs.filter(({ kind }) => putsOut(kind))) {
    await requireDayWithinLabel(connection, {
      product,
      stand,
      by: { ...dto, weighedKgPerL: dto.weighedKgPerL ?? null },
      day: dueOn,
      productKg: productKg * share,
      carrierL: carrierL * share,
    })
  }
}
