import type { Context, Route } from '../../../stand/plant/index.ts'
import type { Sourced } from '../../../base/reference/index.ts'

/** What the iron is bought for. */
export interface Aim extends Sourced {
  readonly label: string
  /** Days over which it is to work. */
  readonly horizonDays: number
  /** The first change must come within so many days. */
  readonly showsWithinDays?: number
  /** Iron must still be at work on this day after an application. */
  readonly holdsUntilDay?: number
  readonly routes: readonly Route[]
  readonly contexts?: readonly Context[]
}

const judged = { source: 'what each aim asks of iron, in days', mark: 'J' } as const

export const aims = {
  'quick-colour': {
    label: 'quick colour',
    horizonDays: 14,
    showsWithinDays: 10,
    routes: ['leaf', 'soil', 'solution'],
    ...judged,
  },
  season: {
    label: 'colour all season',
    horizonDays: 120,
    routes: ['leaf', 'soil', 'solution'],
    ...judged,
  },
  'tree-recovery': {
    label: 'recovery of a tree',
    horizonDays: 90,
    holdsUntilDay: 42,
    routes: ['leaf', 'soil'],
    contexts: ['tree', 'shrub'],
    ...judged,
  },
  'feed-soil': {
    label: 'feed the soil',
    horizonDays: 120,
    holdsUntilDay: 30,
    routes: ['soil'],
    ...judged,
  },
} as const satisfies Readonly<Record<string, Aim>>

export type AimId = keyof typeof aims
export const aimIds = Object.keys(aims) as AimId[]
