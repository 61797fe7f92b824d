import { none } from '../../../base/reference/index.ts'
import { constant, criticalConstants, gustafsonMartell, type Ligand } from '../facts/ligand.ts'
import type { IronSource } from '../facts/source.ts'
import { noMore } from './shared/cautions.ts'
import { liquid, makersSolubility, retail, smallMolecule } from './shared/figures.ts'
import {
  leafChelateIronPerArea,
  leafLiquidChelateTurf,
  leafSprayPots,
  leafSprayShrubs,
  leafSprayTrees,
  soilChelateTrunkNeutral,
  soilContainerDrench,
  soilIronWateredInAcid,
  solutionAquaponic,
  solutionHydroponic,
} from './shared/iron-rates.ts'
import { newLeaves, weakChelate } from './shared/losses.ts'
import { weakResponses } from './shared/responses.ts'

/** Constants recalled from the publications named, not re-read. */
const hedta = {
  id: 'hedta',
  name: 'HEDTA',
  shortName: 'HEDTA',
  dash: '7 3 1 3',
  charge: -3,
  protons: [
    constant(9.81, criticalConstants, 'H'),
    constant(5.37, criticalConstants, 'H'),
    constant(2.6, criticalConstants, 'H'),
    constant(1.6, criticalConstants, 'L'),
  ],
  metals: {
    Fe: {
      ml: constant(19.8, criticalConstants, 'H'),
      mohl: constant(-4.1, gustafsonMartell, 'M'),
      moh2l: constant(-9.0, gustafsonMartell, 'M'),
      dimer: constant(2.4, gustafsonMartell, 'M'),
    },
    Ca: { ml: constant(8.1, criticalConstants, 'H') },
    Mg: { ml: constant(7.0, criticalConstants, 'H') },
    Zn: { ml: constant(14.6, criticalConstants, 'H') },
    Cu: { ml: constant(17.5, criticalConstants, 'H'), mhl: constant(2.0, criticalConstants, 'L') },
    Mn: { ml: constant(10.8, criticalConstants, 'H') },
  },
  ceiling: {
    pHs: [6.5, 7],
    goesOn: false,
    words: 'between EDTA and DTPA',
    whyReckonedOtherwise:
      'The zinc and copper of a field take it over early in the reckoning; in practice it lasts longer. Trust practice here.',
    source: 'common practice',
    mark: 'C',
  },
} as const satisfies Ligand

export const feHedta = {
  id: 'fe-hedta',
  name: 'Fe-HEDTA',
  kind: 'chelate',
  nutrient: 'Fe',
  remark: 'By practice between EDTA and DTPA; mostly a liquid.',
  contentShare: { low: 0.045, usual: 0.05, high: 0.09 },
  richest: { commercial: 0.09, pure: 0.1687 },
  brings: { N: 0, S: 0 },
  source: 'common practice: 5-9 %',
  mark: 'C',
  pricePerKg: retail(4, 6, 10),
  usualKgPerL: liquid,
  stains: 'rust',
  organic: 'seldom',
  labelNames: ['hedta', 'heedta', 'hydroxyethylethylenediaminetriacetic'],
  standsFor: none('named by itself where it is meant'),
  boundBy: { ligand: hedta, isomers: none('one form only') },
  leaf: { enters: smallMolecule, isTooBig: false, losses: newLeaves },
  soil: {
    held: none('what its ligand keeps is reckoned'),
    losses: weakChelate.soil,
    isOpenOfUse: true,
  },
  solution: {
    held: none('what its ligand keeps is reckoned'),
    losses: weakChelate.solution,
  },
  solubility: makersSolubility(150),
  rates: {
    leaf: {
      rows: [
        leafSprayShrubs,
        leafChelateIronPerArea,
        leafSprayTrees,
        leafSprayPots,
        leafLiquidChelateTurf,
      ],
      elsewhere: 'sprayed on leaves that stand in air, not in a solution',
    },
    soil: {
      rows: [soilChelateTrunkNeutral, soilIronWateredInAcid, soilContainerDrench],
      elsewhere: 'no rate of practice on such a stand',
    },
    solution: { rows: [solutionAquaponic, solutionHydroponic], elsewhere: 'solutions only' },
  },
  responses: weakResponses,
  cautions: noMore,
  acidity: none('it moves no pH worth the name'),
} as const satisfies IronSource
