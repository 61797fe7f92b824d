import type { WeatherService } from '@spudder/contract/weather'
import { stripFacts } from '@spudder/contract/stand'
import { RemedyDto, type CreateRemedyDto } from '@spudder/contract/remedy'
import { keptOf } from '@spudder/contract/validation'
import { type Rate } from '@spudder/core/material/rate'
import { checkChosenRate, type Response } from '@spudder/core/material/source'
import { causesOf } from '@spudder/core/verdict/diagnosis'
import { dateToDay } from '@spudder/core/base/calendar'
import { jobsOfRemedy, stripOf, type Strip } from '@spudder/core/days/plan'
import { standKindOf } from '@spudder/core/stand/plant'
import { randomUUID } from 'node:crypto'
import { lockCase } from '../case/case.repository.ts'
import { requireOpenCase } from '../case/case.service.ts'
import type { Database } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { expectedResponse } from '../learning/expected-response.ts'
import { insertJobs, type JobRow } from '../job/job.repository.ts'
import { newJob } from '../job/new-job.ts'
import { findPlace } from '../place/place.service.ts'
import type { StandRow } from '../stand/stand.repository.ts'
import { productNameOf } from '../shelf/product.repository.ts'
import { requireProduct } from '../shelf/product.service.ts'
import { requireSprayer } from '../sprayer/sprayer.service.ts'
import { warmestOn } from '../weather/weather.service.ts'
import { requireLockedStand, requireStand } from '../stand/stand.service.ts'
import { verdictOfLooks } from './case-evidence.ts'
import { findRemedy, insertRemedy } from './remedy.repository.ts'
import { remedyDto } from './remedy-dto.ts'
import { requireDaysWithinLabel, requireSoundWork, type SoundWork } from './remedy-work.ts'

/** What a remedy is chosen on. */
export interface RemedyStage {
  readonly db: Database
  readonly weather: WeatherService
}

/** The jobs of a remedy, by links between them as the store keeps them. */
function jobsFor(
  dto: CreateRemedyDto,
  recorder: Recorder,
  of: {
    readonly stand: StandRow
    readonly caseId: string
    readonly steps: number
    readonly rate: Pick<Rate, 'intervalDays'>
    readonly strip: Strip | undefined
    readonly response: Response
  },
): JobRow[] {
  const { route, sourceId } = dto
  const jobs = jobsOfRemedy({
    applyOn: dto.applyOn,
    route,
    rate: { ...of.rate, stepDays: of.steps },
    response: of.response,
    repeats: dto.repeats ?? 0,
    strip: dto.hasStrip ? of.strip : undefined,
    today: dateToDay(recorder.at),
    apart: (dto.partners ?? []).filter(({ isApart }) => isApart).map(({ name }) => name),
    retestOn: dto.retestOn,
  })
  const ids = jobs.map(() => randomUUID())
  return jobs.map(({ after, ...job }, index) =>
    newJob(recorder, {
      id: ids[index] ?? randomUUID(),
      standId: of.stand.id,
      caseId: of.caseId,
      remedyId: dto.id,
      route,
      sourceId,
      ...job,
      afterJobId: after ? (ids[after.index] ?? null) : null,
      afterDays: after?.leastDays ?? null,
      withinDays: after?.mostDays ?? null,
    }),
  )
}

const noStrip = () => {
  const message = 'Strip: on this stand none makes sense; treat it all.'
  return new ServiceError('invalid-body', message, [{ field: 'hasStrip', message }])
}

/** What was worked out from it, as it is stored. */
const amountRow = ({ total, densityKgPerL }: SoundWork) => ({
  productKg: total.productKg,
  nutrientKg: total.nutrientKg,
  carrierL: total.carrierL,
  derivation: total.derivation,
  densityKgPerL: densityKgPerL ?? null,
})

function requireCause({ context }: Pick<StandRow, 'context'>, causeId: string): void {
  if (causesOf(context).some(({ id }) => id === causeId)) return
  throw new ServiceError('invalid-body', 'Choose a cause of the verdict.', [
    { field: 'causeId', message: 'Choose a cause of the verdict.' },
  ])
}

/**
 * Stores the remedy of a case with the verdict it rests on and the jobs it brings: all or nothing.
 * Verdict and amounts are worked out here from what is stored, not taken from the sender.
 * @throws {CoreError} for a rate that does not suit source, route or stand
 * @throws {ServiceError} not-found, conflict
 */
export function chooseRemedy(
  { db, weather }: RemedyStage,
  recorder: Recorder,
  caseId: string,
  dto: CreateRemedyDto,
): Promise<RemedyDto> {
  return db.transaction(async (transaction) => {
    const { lasting = '' } = dto
    // Locked before anything is read: who waited must see what was planned in the meantime.
    const held = await lockCase(transaction, caseId)
    if (held) await requireLockedStand(transaction, held.standId)
    const again = await findRemedy(transaction, { ...dto, caseId, lasting })
    if (again) return remedyDto(again, await productNameOf(transaction, again.productId))
    const open = await requireOpenCase(transaction, caseId)
    const stand = await requireStand(transaction, open.standId)
    const rate = checkChosenRate(standKindOf(stand), dto.route, dto.sourceId, dto.rateId)
    const verdict = await verdictOfLooks(transaction, caseId, stand)
    if (!verdict)
      throw new ServiceError('conflict', 'Look at the plant first: this case has no look yet.')
    requireCause(stand, dto.causeId)
    const { placeId } = stand
    const product =
      dto.productId === undefined
        ? undefined
        : await requireProduct(transaction, dto.productId, { placeId, sourceId: dto.sourceId })
    const sprayer =
      dto.sprayerId === undefined
        ? undefined
        : await requireSprayer(transaction, dto.sprayerId, placeId)
    const maxC = await warmestOn(dto.applyOn, {
      db: transaction,
      service: weather,
      place: await findPlace(transaction, placeId),
      at: recorder.at,
    })
    const facts = { dto, rate, stand, product, sprayer, at: recorder.at, maxC }
    const work = await requireSoundWork(transaction, facts)
    const strip = stripOf(stripFacts(stand, sprayer?.setup))
    if (dto.hasStrip && !strip) throw noStrip()
    const response = await expectedResponse(transaction, stand, dto, dateToDay(recorder.at))
    const { steps } = work
    const jobs = jobsFor(dto, recorder, { stand, caseId, steps, rate, strip, response })
    await requireDaysWithinLabel(transaction, facts, work.total, jobs)
    const stored = await insertRemedy(transaction, {
      id: dto.id,
      ...keptOf(RemedyDto, dto),
      ...amountRow(work),
      standId: stand.id,
      caseId,
      verdict,
      lasting,
      ...recordedBy(recorder),
    })
    await insertJobs(transaction, jobs)
    return remedyDto(stored, product?.name ?? null)
  })
}
