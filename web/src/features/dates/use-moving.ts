import { jobRoutes } from '@spudder/contract/job'
import { useChange } from '../../api/use-change.ts'
import type { Day } from '@spudder/core/base/calendar'
import { effectOfMove } from '@spudder/core/days/planner'
import { computed, ref } from 'vue'
import type { PlannedWork } from './use-planned-work.ts'

/** A job on its way to a day where it is not stored yet. */
interface Pending {
  readonly jobId: string
  readonly day: Day
}

/** Moves one job by hand: what it would break, storing it, taking it back. */
export function useMoving({ facts, tasks, current, jobOf }: PlannedWork) {
  const change = useChange(jobRoutes.change, { told: 'beside' })
  const pending = ref<Pending>()
  const pendingEffect = computed(() => {
    if (!pending.value || !facts.value) return undefined
    const { jobId: taskId, day } = pending.value
    return effectOfMove(facts.value, tasks.value, current.value, { taskId, day })
  })
  /** What was moved last, to be taken back. */
  const undo = ref<{ readonly jobId: string; readonly from: Day; readonly words: string }>()

  async function put(jobId: string, day: Day): Promise<void> {
    const from = jobOf(jobId)?.dueOn
    const stored = await change.send({ jobId, dto: { dueOn: day } })
    pending.value = undefined
    if (!stored || from === undefined) return
    undo.value = { jobId, from, words: stored.title }
  }
  async function takeBack(): Promise<void> {
    const last = undo.value
    if (!last) return
    const stored = await change.send({ jobId: last.jobId, dto: { dueOn: last.from } })
    if (stored) undo.value = undefined
  }
  /** Lets go of a job: where its day breaks nothing it is stored, else somebody has to say so. */
  async function drop(): Promise<void> {
    const at = pending.value
    if (!at) return
    if (at.day === current.value.get(at.jobId)) pending.value = undefined
    else if (pendingEffect.value?.breaches.length === 0) await put(at.jobId, at.day)
  }
  return { change, pending, pendingEffect, undo, put, takeBack, drop }
}
