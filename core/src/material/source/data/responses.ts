import type { SourceId } from '../find-source.ts'
import type { Context, Route } from '../../../stand/plant/index.ts'
import type { Sourced } from '../../../base/reference/index.ts'

interface DayRange {
  readonly low: number
  readonly high: number
}

/** How leaf colour answers a treatment, in days after it. */
export interface Response extends Sourced {
  readonly id: string
  readonly label: string
  readonly firstChange: DayRange
  readonly full: DayRange
  readonly fades: DayRange
}

export interface ResponseRule {
  readonly route: Route
  readonly sourceIds?: readonly SourceId[]
  readonly contexts?: readonly Context[]
  readonly response: Response
}

const practice = { source: 'common practice', mark: 'C' } as const
const judged = { source: 'read across from the nearest case', mark: 'J' } as const

/** First rule that fits counts: the particular stand before the general. */
export const responseRules: readonly ResponseRule[] = [
  {
    route: 'leaf',
    response: {
      id: 'leaf-spray',
      label: 'leaf spray',
      firstChange: { low: 1, high: 3 },
      full: { low: 5, high: 7 },
      fades: { low: 14, high: 28 },
      ...practice,
    },
  },
  {
    route: 'soil',
    sourceIds: ['fe-eddha', 'fe-hbed'],
    contexts: ['tree'],
    response: {
      id: 'eddha-tree',
      label: 'EDDHA drench, tree',
      firstChange: { low: 14, high: 21 },
      full: { low: 28, high: 42 },
      fades: { low: 120, high: 180 },
      ...practice,
    },
  },
  {
    route: 'soil',
    sourceIds: ['fe-eddha', 'fe-hbed'],
    contexts: ['turf'],
    response: {
      id: 'eddha-turf',
      label: 'EDDHA watered in, turf',
      firstChange: { low: 5, high: 9 },
      full: { low: 14, high: 21 },
      fades: { low: 35, high: 60 },
      ...practice,
    },
  },
  {
    route: 'soil',
    contexts: ['container'],
    response: {
      id: 'drench-pot',
      label: 'drench of powder chelate, pots',
      firstChange: { low: 3, high: 6 },
      full: { low: 12, high: 16 },
      fades: { low: 35, high: 70 },
      ...practice,
    },
  },
  {
    route: 'soil',
    sourceIds: ['fe-eddha', 'fe-hbed'],
    response: {
      id: 'eddha-soil',
      label: 'EDDHA in the soil',
      firstChange: { low: 7, high: 14 },
      full: { low: 21, high: 30 },
      fades: { low: 60, high: 100 },
      ...judged,
    },
  },
  {
    route: 'soil',
    response: {
      id: 'watered-in',
      label: 'salt or weak chelate watered in',
      firstChange: { low: 4, high: 10 },
      full: { low: 14, high: 21 },
      fades: { low: 21, high: 42 },
      ...judged,
    },
  },
  {
    route: 'solution',
    response: {
      id: 'solution',
      label: 'iron in the solution',
      firstChange: { low: 3, high: 6 },
      full: { low: 10, high: 14 },
      fades: { low: 21, high: 28 },
      ...judged,
    },
  },
]
