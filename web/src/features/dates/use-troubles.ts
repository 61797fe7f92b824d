import { breachesOf } from '@spudder/core/days/planner'
import { computed } from 'vue'
import type { PlannedWork } from './use-planned-work.ts'

/** Jobs of the days that are foretold which no longer hold where they are. */
export function useTroubles({ facts, tasks, current, outlook }: PlannedWork) {
  return computed(() => {
    if (!facts.value || !outlook.data.value) return []
    const known = new Map(outlook.data.value.days.map((day) => [day.day, day]))
    const broken = breachesOf(facts.value, tasks.value, current.value)
    return tasks.value.flatMap((task) => {
      const day = current.value.get(task.id) ?? ''
      const [breach] = broken.filter(({ taskId }) => taskId === task.id)
      const foretold = known.get(day)
      const work = foretold?.works.find((each) => each.work === task.work)
      const isKnown = foretold?.basis === 'forecast' || foretold?.basis === 'measured'
      const isRained = isKnown && work !== undefined && work.chance < 0.5
      const words = breach?.words ?? (isRained ? work.against.join(', ') : undefined)
      return words === undefined ? [] : [{ task, day, words }]
    })
  })
}
