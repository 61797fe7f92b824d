import {
  type AcceptMovesDto,
  type ChangeJobDto,
  type JobDto,
  type PlanLooksDto,
  type PlanOrderDto,
} from '@spudder/contract/job'
import { doneBy } from '@spudder/core/days/plan'
import { selectAcidPlan } from '../acid-plan/acid-plan.repository.ts'
import { requireStepsWithinLimits } from '../acid-plan/step-limits.ts'
import { isChangedUnder } from '../change/change.repository.ts'
import type { Connection, Database } from '../database/connect.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { findPlace } from '../place/place.service.ts'
import { requireDayWithinLabel } from '../shelf/label-limit.service.ts'
import { requireLockedStand, requireStand } from '../stand/stand.service.ts'
import { addToStock, lockProduct } from '../shelf/product.repository.ts'
import { requireProductOf } from '../shelf/product.service.ts'
import {
  insertJob,
  selectJobsById,
  selectPlannedSteps,
  selectUse,
  selectJobsOfPlace,
  standOfJob,
  keepJob,
  type JobRow,
} from '../job/job.repository.ts'
import { jobDto } from '../job/job-dto.ts'
import { handsOf } from './hands.service.ts'
import { seeToFollowers } from '../job/drop-jobs.ts'
import { newJob } from '../job/new-job.ts'
import { readJob, requirePlannedJob } from '../job/planned-job.ts'

/**
 * A day that takes a job must bear it by the label too.
 * @throws {ServiceError} invalid-body, with the words of the limit
 */
async function requireDayBears(connection: Connection, moved: JobRow): Promise<void> {
  if (moved.kind !== 'apply' || moved.status !== 'planned') return
  // Locked before anything is read: who waited must see what was planned in the meantime.
  const stand = await requireLockedStand(connection, moved.standId)
  const use = await selectUse(connection, moved.id)
  const product = use?.remedy.productId && (await lockProduct(connection, use.remedy.productId))
  if (!product) return
  await requireDayWithinLabel(connection, {
    product,
    stand,
    by: use.remedy,
    day: moved.dueOn,
    productKg: use.remedy.productKg * moved.share,
    carrierL: use.remedy.carrierL * moved.share,
    exceptJobId: moved.id,
  })
}

/**
 * A step that is moved must stay within what its ground bears, beside the others of its plan.
 * @throws {ServiceError} invalid-body, with the words of the limit
 */
async function requireStepBears(connection: Connection, moved: JobRow): Promise<void> {
  if (moved.kind !== 'apply' || moved.status !== 'planned' || moved.acidPlanId === null) return
  const stand = await requireLockedStand(connection, moved.standId)
  const plan = await selectAcidPlan(connection, moved.acidPlanId)
  if (!plan) return
  const others = await selectPlannedSteps(connection, plan.id)
  const { situation, groundM2 } = plan
  const steps = [moved, ...others.filter(({ id }) => id !== moved.id)].flatMap((step) =>
    step.sourceId === null || step.plannedKg === null
      ? []
      : [{ day: step.dueOn, sourceId: step.sourceId, kgPerM2: step.plannedKg / groundM2 }],
  )
  await requireStepsWithinLimits(connection, { stand, situation, groundM2, steps })
}

/**
 * Label and ground bear a job on its day.
 * @throws {ServiceError} invalid-body
 */
export async function requireJobBears(connection: Connection, row: JobRow): Promise<void> {
  await requireDayBears(connection, row)
  await requireStepBears(connection, row)
}

const notSaidDone = (kind: JobRow['kind']) => {
  const message = `Status: ${kind === 'apply' ? 'an application is done by recording it' : 'a look or test is done by its reading'}.`
  return new ServiceError('invalid-body', message, [{ field: 'status', message }])
}

/**
 * Changes a job: its day, its hour, whether it is held; drops it, or says that it is done. Sent again after a
 * lost answer, it is changed once.
 * @throws {ServiceError} not-found, conflict, changed-meanwhile, invalid-body
 */
export async function changeJob(
  db: Database,
  recorder: Recorder,
  jobId: string,
  change: ChangeJobDto,
): Promise<JobDto> {
  const standId = await standOfJob(db, jobId)
  return db.transaction(async (transaction) => {
    const stand = standId === undefined ? undefined : await requireLockedStand(transaction, standId)
    if (await isChangedUnder(transaction, jobId, recorder.groupId))
      return readJob(transaction, jobId)
    const planned = await requirePlannedJob(transaction, jobId)
    const { version: seen, reason, followers } = change
    const owner = { placeId: stand?.placeId ?? '', standId: planned.standId }
    if (change.status === 'done' && doneBy[planned.kind].by !== 'saying')
      throw notSaidDone(planned.kind)
    const now: Partial<JobRow> = {
      dueOn: change.dueOn ?? planned.dueOn,
      startsAt: change.startsAt === undefined ? planned.startsAt : change.startsAt,
      isLocked: change.isLocked ?? planned.isLocked,
      status: change.status ?? planned.status,
      hands:
        change.hands === undefined
          ? planned.hands
          : await handsOf(transaction, owner.placeId, change.hands),
    }
    const told = { ...owner, kind: 'job', recorder, seen, reason } as const
    const row = await keepJob(transaction, { before: planned, change: now, told })
    if (row.status === 'dropped' && followers !== undefined) {
      await seeToFollowers(transaction, row.id, { become: followers, owner, recorder, reason })
    }
    await requireJobBears(transaction, row)
    // What was bought is on the shelf.
    if (row.kind === 'buy' && row.status === 'done' && row.productId !== null) {
      await addToStock(transaction, row.productId, row.plannedKg ?? 0)
    }
    return readJob(transaction, row.id)
  })
}

/**
 * Stores a difference between two plans that was accepted: every job on its new day, or none.
 * @throws {ServiceError} not-found; conflict where a job was moved, held or done meanwhile;
 * invalid-body where label or ground does not bear the new day
 */
export async function acceptMoves(
  db: Database,
  recorder: Recorder,
  placeId: string,
  { moves }: AcceptMovesDto,
): Promise<JobDto[]> {
  const ids = [...new Set(moves.map(({ jobId }) => jobId))].toSorted()
  const seen = await selectJobsOfPlace(db, placeId, ids)
  if (seen.length < ids.length) throw new ServiceError('not-found', 'There is no such job here.')
  return db.transaction(async (transaction) => {
    // Stands before jobs, each in one order, so that two people who accept at once do not lock up.
    for (const standId of [...new Set(seen.map((each) => each.standId))].toSorted()) {
      await requireLockedStand(transaction, standId)
    }
    const rows: { before: JobRow; dueOn: string }[] = []
    for (const id of ids) {
      const planned = await requirePlannedJob(transaction, id)
      const move = moves.find(({ jobId }) => jobId === id)
      if (!move) continue
      if (planned.dueOn !== move.from || planned.isLocked) {
        const by = planned.changedBy ?? planned.createdBy
        const { title } = await readJob(transaction, planned.id)
        throw new ServiceError(
          'conflict',
          `${title} was ${planned.isLocked ? 'held' : 'moved'} by ${by} in the meantime. Plan again to see it.`,
        )
      }
      rows.push({ before: planned, dueOn: move.to })
    }
    // All lie on their new days before any is judged: two that change places do not stand in each
    // other's way.
    const now: JobRow[] = []
    for (const { before, dueOn } of rows) {
      const told = { placeId, standId: before.standId, kind: 'job', recorder } as const
      now.push(await keepJob(transaction, { before, change: { dueOn }, told }))
    }
    for (const row of now) await requireJobBears(transaction, row)
    const moved = await selectJobsById(
      transaction,
      now.map(({ id }) => id),
    )
    return moved.map(jobDto)
  })
}

/**
 * Plans a look at several stands of a place, each on its day: all or none. Sent again it plans none anew.
 * @throws {ServiceError} not-found where a stand is not of the place
 */
export function planLooks(
  db: Database,
  recorder: Recorder,
  placeId: string,
  { looks }: PlanLooksDto,
): Promise<JobDto[]> {
  return db.transaction(async (transaction) => {
    await findPlace(transaction, placeId)
    for (const { id, standId, dueOn } of looks) {
      const stand = await requireStand(transaction, standId)
      if (stand.placeId !== placeId) throw new ServiceError('not-found', 'There is no such stand.')
      await insertJob(transaction, newJob(recorder, { id, standId, kind: 'look', dueOn }))
    }
    const planned = await selectJobsById(
      transaction,
      looks.map(({ id }) => id),
    )
    return planned.map(jobDto)
  })
}

/**
 * Plans to buy a product before it runs short.
 * @throws {ServiceError} not-found where stand or product is not of the place
 */
export function planOrder(
  db: Database,
  recorder: Recorder,
  placeId: string,
  { id, standId, productId, plannedKg, dueOn }: PlanOrderDto,
): Promise<JobDto> {
  return db.transaction(async (transaction) => {
    await findPlace(transaction, placeId)
    const stand = await requireStand(transaction, standId)
    const product = await requireProductOf(transaction, productId, placeId)
    if (stand.placeId !== placeId) throw new ServiceError('not-found', 'There is no such stand.')
    const row = newJob(recorder, { id, standId, kind: 'buy', dueOn, productId, plannedKg })
    return jobDto({ job: await insertJob(transaction, row), productName: product.name })
  })
}
