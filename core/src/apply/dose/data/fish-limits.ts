import type { Figure } from '../../../base/reference/index.ts'
import type { Source } from '../../../material/source/index.ts'

/** Metals whose open salts are never brought to fish: rust on gills, and poison (common practice). */
export const metalsThatHurtFish: readonly Source['nutrient'][] = ['Fe', 'Zn']

/** What a loop with fish or worms bears. */
export const fishLimits = {
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
