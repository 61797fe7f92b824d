import { acidPlanRoutes } from '@spudder/contract/acid-plan'
import { useChange } from '../../api/use-change.ts'
import { CreateAcidPlanDto } from '@spudder/contract/acid-plan'
import type { Ref } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import type { AcidDraft } from './acid-draft.ts'
import type { useGround } from './use-ground.ts'
import type { useSteps } from './use-steps.ts'

interface PlanParts {
  readonly draft: Ref<AcidDraft>
  readonly ground: ReturnType<typeof useGround>
  readonly steps: ReturnType<typeof useSteps>
  /** Lets the draft go once it is stored; says that it could not be. */
  readonly forget: () => void
  readonly failed: (error: unknown) => void
}

/** The ground of a plan as it is sent: only what was told. */
function groundSent({ texture, fizz, fizzAcid, bufferTest, titrated }: AcidDraft, depthM?: number) {
  return {
    depthM,
    ...(texture === '' ? {} : { texture }),
    ...(fizz === undefined ? {} : { fizz }),
    ...(fizz === undefined || fizzAcid === undefined ? {} : { fizzAcid }),
    ...(bufferTest === '' ? {} : { bufferTest }),
    ...(titrated.trim() === '' ? {} : { titratedMmol: Number(titrated) }),
  }
}

/** The plan as it is sent; to be checked by its class. */
function requestWith({ draft, ground, steps }: PlanParts) {
  const { id, situation, note, acidId } = draft.value
  const start = ground.start.value
  const { mm, full, left } = ground.water.value
  const acid = acidId === '' ? {} : { acidId, leftMgPerLCaCO3: left }
  /** Ids of jobs are made once, so that a plan sent again is the same plan. */
  const jobId = (index: number): string => (draft.value.jobIds[index] ??= crypto.randomUUID())
  const inOrder = steps.steps.value.toSorted((a, b) => a.day.localeCompare(b.day))
  return {
    id,
    startsOn: start?.startsOn,
    fromPH: start && Number(start.pH.toFixed(2)),
    pHDoubt: start && Number(start.doubt.toFixed(3)),
    targetPH: ground.targetPH.value,
    situation,
    ground: groundSent(draft.value, ground.depthM.value),
    ...(mm > 0 ? { water: { mmPerYear: mm, alkalinityMgPerLCaCO3: full, ...acid } } : {}),
    steps: inOrder.map((step, index) => ({ id: jobId(index), ...step })),
    retests: steps.retests.value.map((day, index) => ({ id: jobId(inOrder.length + index), day })),
    note,
  }
}

/** Stores the plan: its steps and retests become jobs. */
export function useKeepPlan(parts: PlanParts) {
  const { standId } = useStandCase()
  const request = useChange(acidPlanRoutes.create, { told: 'beside' })
  const { checked, messageFor } = useChecked(CreateAcidPlanDto, () => request.error.value)
  async function save(): Promise<void> {
    const { id } = parts.draft.value
    const dto = checked(requestWith(parts))
    if (!dto) return
    const stored = await request.send({ standId: standId.value, dto }, (problem) => {
      parts.failed(problem)
      // Another plan is other jobs too.
      if (parts.draft.value.id !== id) parts.draft.value.jobIds = []
    })
    if (stored) parts.forget()
  }
  return { save, request, messageFor }
}
