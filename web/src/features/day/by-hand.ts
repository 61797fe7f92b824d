import type { DayDto, DayJobDto } from '@spudder/contract/day'

/** What one of the crew has on a day. */
export interface HandOfDay {
  /** Null for what nobody is named for. */
  readonly name: string | null
  readonly now: readonly DayJobDto[]
  readonly next: readonly DayJobDto[]
}

/**
 * The jobs of a day by who does them: those who are at something first, then by name, what nobody is named for
 * at the end. A job of several stands with each.
 */
export function byHand({
  mine,
  overdue,
  others,
}: Pick<DayDto, 'mine' | 'overdue' | 'others'>): HandOfDay[] {
  const all = [...overdue, ...mine, ...others]
  const namesOf = ({ job }: DayJobDto) => [
    ...new Set([...(job.underWay ?? []), ...(job.hands ?? [])].map(({ name }) => name)),
  ]
  const isAt = ({ job }: DayJobDto, name: string) =>
    (job.underWay ?? []).some((each) => each.name === name)
  const names = [...new Set(all.flatMap(namesOf))].toSorted((one, other) =>
    one.localeCompare(other),
  )
  const hands = names.map((name) => {
    const own = all.filter((each) => namesOf(each).includes(name))
    return {
      name,
      now: own.filter((each) => isAt(each, name)),
      next: own.filter((each) => !isAt(each, name)),
    }
  })
  const free = all.filter((each) => namesOf(each).length === 0)
  return [
    ...hands.filter(({ now }) => now.length > 0),
    ...hands.filter(({ now }) => now.length === 0),
    ...(free.length > 0 ? [{ name: null, now: [], next: free }] : []),
  ]
}
