import { idFor } from '../seeded/index.ts'
import type { EstateHistory } from './acts.ts'
import { shelfOfVennlow } from './shelf.ts'
import { jarTestsOfVennlow, sprayersOfVennlow } from './sprayers.ts'
import { standHistories } from './stands.ts'

export type { Act, EstateHistory, StandHistory } from './acts.ts'

/** Vennlow Estate, invented: a year of its records up to a day. */
export function vennlowEstate(today: string): EstateHistory {
  const place = {
    id: idFor('place:Vennlow Estate'),
    name: 'Vennlow Estate',
    unitSystem: 'us',
    climate: 'temperate',
  } as const
  return {
    place,
    shelf: shelfOfVennlow,
    sprayers: sprayersOfVennlow(today),
    jarTests: jarTestsOfVennlow(today),
    // The chalk borehole.
    settings: { sprayWater: { alkalinityMgPerLCaCO3: 285, pH: 7.6 } },
    stands: standHistories(today),
  }
}
