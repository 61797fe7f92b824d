import { jobRoutes } from '@spudder/contract/job'
import { useChange } from '../../api/use-change.ts'
import { movesBetween, planCost } from '@spudder/core/days/planner'
import { computed } from 'vue'
import { useUndo } from '../../shared/history/use-undo.ts'
import { usePlanner } from './use-planner.ts'
import type { PlannedWork } from './use-planned-work.ts'

/** Has the whole season laid out, and takes the moves that somebody agrees to. */
export function useSeasonMoves({ place, input, facts, tasks, current, jobOf }: PlannedWork) {
  const accept = useChange(jobRoutes.move, { told: 'beside' })
  const undo = useUndo()
  const planner = usePlanner()
  const { season } = planner
  const moves = computed(() =>
    facts.value && season.value
      ? movesBetween(facts.value, tasks.value, { before: current.value, after: season.value.plan })
      : [],
  )
  async function acceptMoves(ids: readonly string[]): Promise<void> {
    const placeId = place.value?.id
    if (placeId === undefined) return
    // What is agreed to is what stands there: nothing betters it meanwhile.
    if (planner.isRunning.value) planner.enough()
    const wanted = moves.value.flatMap(({ task, to }) => {
      const from = jobOf(task.id)?.dueOn
      const isAsked = ids.includes(task.id) && to !== undefined && from !== undefined
      return isAsked ? [{ jobId: task.id, from, to }] : []
    })
    if (wanted.length === 0) return
    const stored = await accept.send({ placeId, dto: { moves: wanted } })
    if (!stored) return
    planner.forget()
    const count = stored.length
    undo.offer(count === 1 ? 'One job is moved.' : `${count} jobs are moved.`, accept.lastId())
  }
  return {
    planner,
    moves,
    accept,
    acceptMoves,
    costNow: computed(() => facts.value && planCost(facts.value, tasks.value, current.value).total),
    plan: () =>
      input.value && planner.start(JSON.parse(JSON.stringify(input.value)) as typeof input.value),
  }
}
