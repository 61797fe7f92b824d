import { groundOf } from '@spudder/core/stand/plant'
import { AcidPlanDto, type CreateAcidPlanDto } from '@spudder/contract/acid-plan'
import { keptOf } from '@spudder/contract/validation'
import { acidGround, acidNeed, situationsOn, treatedGround } from '@spudder/core/soil/acid-plan'
import { findAcidity, findSource } from '@spudder/core/material/source'
import type { Database } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { insertJobs, type JobRow } from '../job/job.repository.ts'
import { newJob } from '../job/new-job.ts'
import { requireLockedStand } from '../stand/stand.service.ts'
import {
  dropPlannedSteps,
  findAcidPlan,
  insertAcidPlan,
  type AcidPlanRow,
} from './acid-plan.repository.ts'
import { requireStepsWithinLimits } from './step-limits.ts'

function refuse(field: string, message: string): never {
  throw new ServiceError('invalid-body', message, [{ field, message }])
}

/** The plan must make sense by itself: a way to go, and materials that go it. */
function requireSoundPlan({
  ground,
  fromPH,
  pHDoubt,
  targetPH,
  startsOn,
  steps,
}: CreateAcidPlanDto): void {
  const { texture, fizz, fizzAcid, depthM } = ground
  const { direction } = acidNeed(
    acidGround({ texture, fizz, fizzAcid, depthM, pH: fromPH, pHDoubt }),
    targetPH,
  )
  for (const { sourceId, day } of steps) {
    const { name } = findSource(sourceId)
    if (day < startsOn) refuse('steps', `Step of ${day}: give a day from ${startsOn} on.`)
    if (findAcidity(sourceId).molPerKg.usual > 0 !== (direction === 'down')) {
      const way = direction === 'down' ? 'raises pH, and the target lies below' : 'lowers pH, and the target lies above' // prettier-ignore
      refuse('steps', `${name} ${way}.`)
    }
  }
}

/** The jobs that a plan becomes, under the ids that its sender made. */
function jobsOf(
  { id: acidPlanId, standId, groundM2 }: AcidPlanRow,
  { steps, retests }: CreateAcidPlanDto,
  recorder: Recorder,
): JobRow[] {
  const common = { standId, acidPlanId }
  return [
    ...steps.map(({ id, day, sourceId, kgPerM2 }, index) =>
      newJob(recorder, {
        ...common,
        id,
        kind: 'apply',
        step: index + 1,
        steps: steps.length,
        dueOn: day,
        plannedKg: kgPerM2 * groundM2,
        route: 'soil',
        sourceId,
      }),
    ),
    ...retests.map(({ id, day }) =>
      newJob(recorder, {
        ...common,
        id,
        kind: 'test',
        purpose: 'plan-holds',
        dueOn: day,
      }),
    ),
  ]
}

/**
 * Stores an acid plan with the jobs it becomes; what an earlier one still had to do is dropped.
 * All or nothing.
 * @throws {CoreError} for ground or a target that makes no sense
 * @throws {ServiceError} not-found; invalid-body for a step over a limit; conflict
 */
export function createAcidPlan(
  db: Database,
  recorder: Recorder,
  standId: string,
  dto: CreateAcidPlanDto,
): Promise<AcidPlanDto> {
  return db.transaction(async (transaction) => {
    // Locked before anything is read: who waited must see what was planned in the meantime.
    const stand = await requireLockedStand(transaction, standId)
    const said = { id: dto.id, standId, ...keptOf(AcidPlanDto, dto) }
    const again = await findAcidPlan(transaction, said)
    if (again) return toDto(again)
    requireSoundPlan(dto)
    const { situation, steps } = dto
    if (!situationsOn(stand.context).includes(situation)) {
      const message = 'Where: choose one that such a stand has.'
      throw new ServiceError('invalid-body', message, [{ field: 'situation', message }])
    }
    const groundM2 = treatedGround(
      stand.size,
      groundOf(stand.size, stand.measures ?? {}),
      situation,
    )
    await requireStepsWithinLimits(transaction, { stand, situation, groundM2, steps })
    await dropPlannedSteps(transaction, standId, recorder)
    const stored = await insertAcidPlan(transaction, {
      ...said,
      groundM2,
      ...recordedBy(recorder),
    })
    await insertJobs(transaction, jobsOf(stored, dto, recorder))
    return toDto(stored)
  })
}
