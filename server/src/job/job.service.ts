import type { ChangeJobDto, JobDto, PlanCheckDto } from '@spudder/contract/job'
import { checks } from '@spudder/core/diagnosis'
import { selectAcidPlan } from '../acid-plan/acid-plan.repository.ts'
import { requireStepsWithinLimits } from '../acid-plan/step-limits.ts'
import { requireOpenCase } from '../case/case.service.ts'
import type { Connection, Database } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../http/recorder.ts'
import { ServiceError } from '../http/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { requireDayWithinLabel } from '../label/label-limit.service.ts'
import { requireLockedStand, requireStand } from '../stand/stand.service.ts'
import { lockProduct } from '../shelf/product.repository.ts'
import {
  insertJob,
  lockJob,
  selectPlannedSteps,
  selectUse,
  standOfStep,
  updateJob,
  type JobRow,
} from './job.repository.ts'

/**
 * A job that is still to be done, held until the transaction ends.
 * @throws {ServiceError} not-found, conflict when it was done or dropped
 */
export async function requirePlannedJob(connection: Connection, id: string): Promise<JobRow> {
  const row = await lockJob(connection, id)
  if (!row) throw new ServiceError('not-found', 'There is no such job.')
  if (row.status !== 'planned') {
    const by = row.changedBy ?? row.createdBy
    throw new ServiceError(
      'conflict',
      `This job is already ${row.status}, by ${by}. Load the page again to see it.`,
    )
  }
  return row
}

/** Marks a job as done by whoever recorded it. */
export async function completeJob(
  connection: Connection,
  row: JobRow,
  recorder: Recorder,
): Promise<void> {
  await updateJob(connection, {
    ...row,
    status: 'done',
    changedBy: recorder.actor,
    changedAt: recorder.at,
  })
}

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

/** Moves a job to another day, or drops it. */
export async function changeJob(
  db: Database,
  recorder: Recorder,
  jobId: string,
  change: ChangeJobDto,
): Promise<JobDto> {
  const ofStep = await standOfStep(db, jobId)
  return db.transaction(async (transaction) => {
    if (ofStep !== undefined) await requireLockedStand(transaction, ofStep)
    const planned = await requirePlannedJob(transaction, jobId)
    const row: JobRow = {
      ...planned,
      dueOn: change.dueOn ?? planned.dueOn,
      status: change.status ?? planned.status,
      changedBy: recorder.actor,
      changedAt: recorder.at,
    }
    await requireDayBears(transaction, row)
    await requireStepBears(transaction, row)
    await updateJob(transaction, row)
    return toDto(row)
  })
}

/**
 * Plans a check of an open case for a day.
 * @throws {ServiceError} not-found, conflict; invalid-body for a check that makes no sense there
 */
export function planCheck(
  db: Database,
  recorder: Recorder,
  caseId: string,
  { id, checkId, dueOn }: PlanCheckDto,
): Promise<JobDto> {
  return db.transaction(async (transaction) => {
    const open = await requireOpenCase(transaction, caseId)
    const { context } = await requireStand(transaction, open.standId)
    const check = checks.find((each) => each.id === checkId)
    if (!check || !(check.contexts?.includes(context) ?? true)) {
      const message = 'Check: choose one that makes sense for this stand.'
      throw new ServiceError('invalid-body', message, [{ field: 'checkId', message }])
    }
    const row: JobRow = {
      id,
      standId: open.standId,
      caseId,
      remedyId: null,
      acidPlanId: null,
      plannedKg: null,
      checkId,
      kind: 'check',
      title: check.name,
      dueOn,
      status: 'planned',
      share: 0,
      route: null,
      sourceId: null,
      changedBy: null,
      changedAt: null,
      ...recordedBy(recorder),
    }
    return toDto(await insertJob(transaction, row))
  })
}
