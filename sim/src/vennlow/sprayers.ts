import type { CreateJarTestDto } from '@spudder/contract/jar-test'
import { utcDay } from 'd3-time'
import { idFor } from '../seeded/index.ts'
import type { EstateSprayer } from './acts.ts'

const litresPerGallon = 3.785411784
const daysBefore = (today: string, days: number): string =>
  utcDay
    .offset(new Date(`${today}T00:00:00Z`), -days)
    .toISOString()
    .slice(0, 10)

/** The backpack that the border is sprayed with. */
export const backpackId = idFor('sprayer:backpack')

/** What the estate sprays with, invented; the cart was never measured. */
export const sprayersOfVennlow = (today: string): readonly EstateSprayer[] => [
  {
    dto: {
      id: backpackId,
      name: 'Blue backpack',
      setup: { kind: 'backpack', tankL: 4 * litresPerGallon },
    },
    calibration: {
      measuredOn: daysBefore(today, 24),
      rateLPerM2: (0.92 * litresPerGallon) / 92.90304,
      how: '118 fl oz over 1000 ft2 in 190 s',
    },
  },
  {
    dto: {
      id: idFor('sprayer:cart'),
      name: 'Green-side cart',
      setup: {
        kind: 'boom',
        tankL: 60 * litresPerGallon,
        nozzleKind: 'air-induction',
        nozzleSize: '04',
        nozzleCount: 9,
        spacingM: 0.508,
        pressureBar: 2.75790291727,
        speedKmPerH: 4.82803,
      },
    },
  },
  {
    dto: {
      id: idFor('sprayer:bucket'),
      name: 'Drench bucket',
      setup: { kind: 'bucket', tankL: 5 * litresPerGallon },
    },
  },
]

/** Jars that stood on the bench of the shed. */
export const jarTestsOfVennlow = (today: string): readonly CreateJarTestDto[] => [
  {
    id: idFor('jar:urea'),
    sourceId: 'fe-dtpa',
    kindId: 'urea',
    partnerName: 'Urea',
    testedOn: daysBefore(today, 30),
    outcome: 'clear',
    note: '',
  },
]
