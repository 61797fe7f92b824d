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

const thirds = (value: number): Figure => ({
  value,
  unit: 'thirds of the leaves',
  source: 'what the words of a tier mean',
  mark: 'D',
})
/** How many thirds of the leaves a tier reaches down. */
export const thirdsByTier: Readonly<Record<string, Figure>> = {
  'youngest-only': thirds(1),
  'youngest-spreading-down': thirds(2),
  middle: thirds(2),
  all: thirds(3),
  scattered: thirds(3),
  'oldest-spreading-up': thirds(3),
  'oldest-only': thirds(3),
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
