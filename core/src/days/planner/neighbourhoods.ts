import type { Facts } from './calendar-facts.ts'
import type { Assignment, Task } from './task.ts'

/** Days that are laid anew at once, and how far the next stretch begins behind. */
const stretchDays = 28
const strideDays = 14
/** More tasks than that are too many for one go. */
const mostAtOnce = 40

/**
 * Parts of a plan that are worth laying anew by themselves: stretches of days over all stands, since
 * those share crew, sprayers and trips; then each stand whole, whose jobs follow each other and were
 * laid by themselves before.
 */
export function neighbourhoodsOf(
  facts: Facts,
  tasks: readonly Task[],
  plan: Assignment,
): readonly ReadonlySet<string>[] {
  const open = tasks.filter(({ lockedOn }) => lockedOn === undefined)
  const ofStand = new Map<string, string[]>()
  for (const { id, standId } of open) ofStand.set(standId, [...(ofStand.get(standId) ?? []), id])
  const stands = [...ofStand.values()].map((ids) => new Set(ids))
  const stretches: Set<string>[] = []
  for (let from = 0; from < facts.frame.days.length; from += strideDays) {
    const ids = open
      .filter(({ id, wanted }) => {
        const at = facts.indexOf.get(plan.get(id) ?? wanted) ?? 0
        return at >= from && at < from + stretchDays
      })
      .map(({ id }) => id)
    if (ids.length > 1) stretches.push(new Set(ids.slice(0, mostAtOnce)))
  }
  return [...stretches, ...stands]
}
