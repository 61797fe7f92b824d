import { practiceDevices } from '@spudder/contract/place'
import { utcDay } from 'd3-time'
import { idFor } from '../seeded/index.ts'
import type { EstateHistory } from './acts.ts'
import { shelfOfVennlow } from './shelf.ts'
import { latitudeOn } from './half-of-the-earth.ts'
import { jarTestsOfVennlow, sprayersOfVennlow } from './sprayers.ts'
import { drillsOfVennlow } from './drills.ts'
import { sittingsOfVennlow } from './raters.ts'
import { standHistories } from './stands.ts'

export type { Act, EstateHistory, StandHistory } from './acts.ts'
export { manager, morningOfVennlow, peopleOfVennlow } from './people.ts'
export type { DemoPerson } from './people.ts'
export type { DemoDrill } from './drills.ts'
export type { DemoSitting } from './raters.ts'
export { colourOfPlot } from './colour-of-plot.ts'

const textOf = (date: Date): string => date.toISOString().slice(0, 10)

/** Vennlow Estate, invented: a year of its records up to a day. */
export function vennlowEstate(today: string): EstateHistory {
  const place = {
    id: idFor('place:Vennlow Estate'),
    name: 'Vennlow Estate',
    unitSystem: 'us',
    climate: 'temperate',
  } as const
  const later = (days: number) => textOf(utcDay.offset(new Date(`${today}T00:00:00Z`), days))
  return {
    place,
    shelf: shelfOfVennlow,
    sprayers: sprayersOfVennlow(today),
    jarTests: jarTestsOfVennlow(today),
    sittings: sittingsOfVennlow(today),
    drills: drillsOfVennlow(today),
    // The chalk borehole.
    settings: {
      latitude: latitudeOn(today),
      practice: [...practiceDevices],
      countsMadeUp: true,
      sprayWater: { alkalinityMgPerLCaCO3: 285, pH: 7.6 },
      work: {
        crewHours: [8, 8, 8, 8, 8, 4, 0],
        tripCost: 18,
        leadDays: 6,
        intervalBy: 'growth',
        blackouts: [
          { from: later(25), to: later(40), words: 'chalk stream agreement, no spreading' },
        ],
      },
    },
    stands: standHistories(today),
  }
}
