import { reasonsFor } from '@spudder/core/days/planner'
import { inject, provide, ref, type InjectionKey } from 'vue'
import { useMoving } from './use-moving.ts'
import { useDatesWindow, usePlannedWork } from './use-planned-work.ts'
import { useSeasonMoves } from './use-season-moves.ts'
import { useTroubles } from './use-troubles.ts'

/** Everything that the dates work with: jobs and days, what is being moved, what the planner found. */
function buildDatesStore() {
  const work = usePlannedWork()
  const { facts, tasks, current } = work
  return {
    ...work,
    ...useDatesWindow(work),
    ...useMoving(work),
    ...useSeasonMoves(work),
    troubles: useTroubles(work),
    chosenId: ref<string>(),
    /** Why a job lies on its day. */
    reasons: (jobId: string): readonly string[] => {
      const task = tasks.value.find(({ id }) => id === jobId)
      return facts.value && task ? reasonsFor(facts.value, tasks.value, current.value, task) : []
    },
  }
}

type DatesStore = ReturnType<typeof buildDatesStore>
const datesStoreKey: InjectionKey<DatesStore> = Symbol('dates store')

/** Reads the dates of the place and hands them to every part of the screen. */
export function provideDatesStore(): DatesStore {
  const store = buildDatesStore()
  provide(datesStoreKey, store)
  return store
}

export function useDatesStore(): DatesStore {
  const store = inject(datesStoreKey)
  if (!store) throw new Error('a part of the dates lies outside their page')
  return store
}
