import type { CreateDrillDto } from '@spudder/contract/drill'
import { utcDay } from 'd3-time'
import { drawFor, idFor } from '../seeded/index.ts'
import { manager } from './people.ts'

/** An answer in a drill, and whose it was. */
export interface DemoDrill {
  readonly by: string
  readonly drill: CreateDrillDto
}

const right = (causeId: string) => ({ causeId, saidId: causeId })
/** Invented: what the manager said of turf, oldest first; manganese looks like iron to her. */
const answers: readonly Pick<CreateDrillDto, 'causeId' | 'saidId' | 'against'>[] = [
  right('iron-tied-up-by-pH'),
  right('nitrogen-short'),
  { causeId: 'manganese-short', saidId: 'iron-tied-up-by-pH' },
  right('magnesium-short'),
  right('iron-truly-low'),
  right('potassium-short'),
  { causeId: 'manganese-short', saidId: 'iron-tied-up-by-pH', against: 'iron-tied-up-by-pH' },
  { causeId: 'roots-cannot-take-it-up', saidId: 'nitrogen-short' },
  right('nitrogen-short'),
  { causeId: 'manganese-short', saidId: 'iron-tied-up-by-pH', against: 'iron-tied-up-by-pH' },
  right('iron-tied-up-by-pH'),
  right('roots-cannot-take-it-up'),
  { causeId: 'manganese-short', saidId: 'iron-tied-up-by-pH', against: 'iron-tied-up-by-pH' },
]
const firstAgo = 30

/** What was drilled at Vennlow on evenings of the last weeks. */
export const drillsOfVennlow = (today: string): readonly DemoDrill[] =>
  answers.map((answer, at) => {
    const name = `drill:${at}`
    const day = utcDay.offset(new Date(`${today}T00:00:00Z`), 2 * at - firstAgo)
    return {
      by: manager.name,
      drill: {
        id: idFor(name),
        kind: 'look',
        context: 'turf',
        plantId: 'creeping-bentgrass',
        ...answer,
        seed: drawFor(name),
        asked: [],
        answeredOn: day.toISOString().slice(0, 10),
      },
    }
  })
