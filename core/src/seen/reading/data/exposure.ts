import type { Figure } from '../../../base/reference/index.ts'

const judged = {
  source: 'leaf appearance rates of many crops, 3 to 10 days a leaf, rounded over plants',
  mark: 'J',
} as const
const days = (value: number): Figure => ({ value, unit: 'd', ...judged })

/** Days over which the youngest third of the leaves formed, by growth. */
export const youngLeafDays: Readonly<Record<string, Figure>> = {
  'very-fast': days(12),
  normal: days(28),
  slow: days(50),
  stopped: days(90),
}
export const usualYoungLeafDays = days(28)

/** A leaf on view has been forming since some days before it unfolded. */
export const unfoldingDays = days(4)

/** How many thirds of the leaves a tier reaches down. */
export const thirdsByTier: Readonly<Record<string, number>> = {
  'youngest-only': 1,
  'youngest-spreading-down': 2,
  middle: 2,
  all: 3,
  scattered: 3,
  'oldest-spreading-up': 3,
  'oldest-only': 3,
}

/** Doubt of a pH remembered at a correction rather than measured. */
export const rememberedPHDoubt: Figure = {
  value: 0.3,
  unit: 'pH',
  source: 'as a colour vial',
  mark: 'J',
}
/** How much doubt a day between a reading and the day in question adds. */
export const pHDoubtPerDay: Figure = {
  value: 0.0025,
  unit: 'pH/d',
  source: 'soil pH strays about half a unit over the seasons, here in 200 days',
  mark: 'J',
}
/** How much a reading outside the days in question is worth less, a day, as a share of its doubt. */
export const doubtGrowthPerDay: Figure = {
  value: 0.02,
  unit: '1/d',
  source: 'doubt doubles in about seven weeks',
  mark: 'J',
}
