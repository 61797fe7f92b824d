import { none } from '../../../../base/reference/index.ts'
import type { IronSource } from '../../facts/source.ts'
import { noMore, redFilm } from './cautions.ts'
import { bigMolecule, smallMolecule } from './figures.ts'
import {
  heldOnLeaves,
  leafLiquidChelateTurf,
  soilChelateTrunkNeutral,
  soilContainerDrench,
  soilEddhaFurrow,
  soilEddhaOrchard,
  soilEddhaTrunk,
  soilEddhaVines,
  soilEddhaWateredIn,
  soilIronWateredInAcid,
  soilPowderScoops,
  soilStrongContainerDrench,
  solutionAquaponic,
  solutionHydroponic,
} from './iron-rates.ts'
import { newLeaves, seasonInSoil, strongInSolution, weakChelate } from './losses.ts'
import { strongResponses, weakResponses } from './responses.ts'

/** What is known of every synthetic chelate of iron. */
const chelate = {
  kind: 'chelate',
  nutrient: 'Fe',
  brings: { N: 0, S: 0 },
  organic: 'seldom',
  standsFor: none('named by itself where it is meant'),
  acidity: none('it moves no pH worth the name'),
} as const satisfies Partial<IronSource>

const calculatedByLigand = none('what its ligand keeps is calculated')
const inSolutions = {
  rows: [solutionAquaponic, solutionHydroponic],
  elsewhere: 'solutions only',
} as const

/** EDDHA and those that are sold and dosed as it: big, red, for soil at any farm pH. A source states beside it what differs. */
export const strongChelate = {
  ...chelate,
  stains: 'red',
  leaf: { enters: bigMolecule, isTooBig: true, losses: newLeaves },
  soil: { held: calculatedByLigand, losses: seasonInSoil, isOpenOfUse: true },
  solution: { held: calculatedByLigand, losses: strongInSolution },
  rates: {
    leaf: none('too big a molecule to enter a leaf, and it leaves a red film'),
    soil: {
      rows: [
        soilEddhaTrunk,
        soilEddhaOrchard,
        soilEddhaVines,
        soilEddhaWateredIn,
        soilEddhaFurrow,
        soilStrongContainerDrench,
        soilPowderScoops,
      ],
      elsewhere: 'no rate of practice on such a stand',
    },
    solution: inSolutions,
  },
  responses: strongResponses,
  cautions: [redFilm],
} as const satisfies Partial<IronSource>

/** EDTA and its like: small enough for a leaf, for soil only to their own pH. A source states beside it what differs. */
export const leafChelate = {
  ...chelate,
  stains: 'rust',
  leaf: { enters: smallMolecule, isTooBig: false, losses: newLeaves },
  soil: { held: calculatedByLigand, losses: weakChelate.soil, isOpenOfUse: true },
  solution: { held: calculatedByLigand, losses: weakChelate.solution },
  rates: {
    leaf: {
      rows: [...heldOnLeaves, leafLiquidChelateTurf],
      elsewhere: 'sprayed on leaves that stand in air, not in a solution',
    },
    soil: {
      rows: [soilChelateTrunkNeutral, soilIronWateredInAcid, soilContainerDrench],
      elsewhere: 'no rate of practice on such a stand',
    },
    solution: inSolutions,
  },
  responses: weakResponses,
  cautions: noMore,
} as const satisfies Partial<IronSource>
