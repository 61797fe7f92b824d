import type { Figure } from '../../../base/reference/index.ts'

/** What a loop with fish or worms bears. */
export const fishLimits = {
  ironMgPerL: {
    value: 3,
    unit: 'mg/L',
    source: 'practice brings chelated iron to about 2 mg/L; half as much again is judgement',
    mark: 'J',
  },
  risePerDayMgPerL: {
    value: 1,
    unit: 'mg/L a day',
    source: 'a third a day for three days to 2 mg/L (common practice), as a limit',
    mark: 'J',
  },
  ammoniumMgPerLN: {
    value: 1,
    unit: 'mg/L N',
    source: 'common practice of fish keepers',
    mark: 'C',
  },
  nitriteMgPerLN: {
    value: 0.5,
    unit: 'mg/L N',
    source: 'common practice of fish keepers',
    mark: 'C',
  },
  lowestPH: { value: 6, unit: '', source: 'common practice of aquaponics', mark: 'C' },
  highestPH: { value: 7.5, unit: '', source: 'common practice of aquaponics', mark: 'C' },
} as const satisfies Readonly<Record<string, Figure>>
