import type { Figure } from '../../../base/reference/index.ts'

/** What the planner calculates with until a place says otherwise. */
export const plannerFigures = {
  crewHours: {
    value: 8,
    unit: 'h/d',
    source: 'one person, five days a week',
    mark: 'J',
  },
  equipmentHours: { value: 8, unit: 'h/d', source: 'one shift of a sprayer', mark: 'J' },
  tripCost: {
    value: 20,
    unit: 'money',
    source: 'half an hour of two people to get out, mix and rinse',
    mark: 'J',
  },
  standbyShare: {
    value: 0.5,
    unit: '',
    source: 'share of a trip lost where the morning turns out unfit',
    mark: 'J',
  },
  skipDays: {
    value: 120,
    unit: 'd',
    source: 'a job never done costs as much as one late by a season',
    mark: 'J',
  },
  lag: {
    value: 3,
    unit: 'd',
    source: 'a washed-off spray is seen when its first change does not come, 1-3 days after',
    mark: 'C',
  },
} as const satisfies Readonly<Record<string, Figure>>

/** What leaving a job out counts for [money]. */
export const skipCostOf = (latePerDay: number): number =>
  plannerFigures.skipDays.value * latePerDay + plannerFigures.tripCost.value * 5
