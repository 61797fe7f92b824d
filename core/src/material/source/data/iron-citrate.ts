import { none } from '../../../base/reference/index.ts'
import { byDefinition, constant, criticalConstants, type Ligand } from '../facts/ligand.ts'
import type { IronSource } from '../facts/source.ts'
import { noMore } from './shared/cautions.ts'
import { retail, smallMolecule, spooned } from './shared/figures.ts'
import {
  leafChelateIronPerArea,
  leafChelateRowCrop,
  leafLiquidChelateTurf,
  leafSprayPots,
  leafSprayShrubs,
  leafSprayTrees,
  leafSprayVines,
  soilChelateTrunkNeutral,
  soilContainerDrench,
  soilIronWateredInAcid,
} from './shared/iron-rates.ts'
import { eatenInSolution, loss, newLeaves } from './shared/losses.ts'
import { weakResponses } from './shared/responses.ts'

const commonPractice = { source: 'common practice', mark: 'C' } as const
const spiro = {
  source: 'Spiro, Bates & Saltman 1967 (2 Fe + 2 L = Fe2(OH)2L2 + 2 H: 21.2)',
  mark: 'M',
} as const
const bothBooks = { source: 'Martell & Smith; Spiro, Bates & Saltman 1967', mark: 'M' } as const

/** Constants recalled from the publications named, not re-read. */
const citrate = {
  id: 'citrate',
  name: 'Citrate',
  shortName: 'citrate',
  dash: '2 3',
  charge: -3,
  ...byDefinition,
  protons: [
    constant(5.69, criticalConstants, 'H'),
    constant(4.35, criticalConstants, 'H'),
    constant(2.87, criticalConstants, 'H'),
  ],
  metals: {
    Fe: {
      ml: constant(11.5, criticalConstants, 'M'),
      mhl: constant(1.0, criticalConstants, 'L'),
      mohl: constant(-2.7, bothBooks, 'L'),
      dimer: constant(3.6, spiro, 'M'),
    },
    Ca: { ml: constant(3.48, criticalConstants, 'H'), mhl: constant(4.28, criticalConstants, 'M') },
    Mg: { ml: constant(3.4, criticalConstants, 'H'), mhl: constant(4.15, criticalConstants, 'M') },
    Zn: { ml: constant(4.95, criticalConstants, 'H'), mhl: constant(3.7, criticalConstants, 'M') },
    Cu: { ml: constant(5.9, criticalConstants, 'H'), mhl: constant(3.2, criticalConstants, 'M') },
    Mn: { ml: constant(3.7, criticalConstants, 'M'), mhl: constant(4.07, criticalConstants, 'M') },
  },
  ceiling: {
    pHs: [],
    goesOn: false,
    words: 'never in soil',
    whyCalculatedOtherwise:
      'Equilibrium alone would let it keep iron in sour soil; microbes eat it within days, which is calculated apart.',
    source: 'common practice',
    mark: 'C',
  },
} as const satisfies Ligand

export const ironCitrate = {
  id: 'iron-citrate',
  name: 'Iron citrate',
  kind: 'chelate',
  nutrient: 'Fe',
  remark: 'By law a chelate; in soil no better than the salt. Good on the leaf.',
  contentShare: { low: 0.05, usual: 0.2, high: 0.22 },
  richest: { commercial: 0.22, pure: 0.228 },
  brings: { N: 0, S: 0 },
  source: 'common practice: 18-22 %, 5 % as a liquid',
  mark: 'C',
  pricePerKg: retail(8, 13, 20),
  usualKgPerL: spooned,
  stains: 'rust',
  organic: 'often',
  labelNames: ['citrate', 'citric acid'],
  standsFor: none('named by itself where it is meant'),
  boundBy: { ligand: citrate, isomers: none('one form only') },
  leaf: { enters: smallMolecule, isTooBig: false, losses: newLeaves },
  soil: {
    held: none('what its ligand keeps is calculated'),
    losses: [
      loss('microbes', [0.5, 2, 5], {
        source: 'citrate in soil: hours to days, Jones 1998, Plant and Soil',
        mark: 'M',
      }),
    ],
    isOpenOfUse: true,
  },
  solution: {
    held: none('what its ligand keeps is calculated'),
    losses: eatenInSolution,
  },
  solubility: { gPerL: 50, source: 'dissolves slowly in cold water', mark: 'J' },
  rates: {
    leaf: {
      rows: [
        leafSprayShrubs,
        leafChelateIronPerArea,
        leafChelateRowCrop,
        {
          id: 'leaf-citrate-backpack',
          label: '1 oz/1000 ft² of 5 % citrate in 1 gal, by backpack',
          route: 'leaf',
          contexts: ['turf'],
          basis: 'product-per-area',
          unit: 'oz/1000 ft2',
          rate: { low: 1, usual: 1, high: 3 },
          carrier: { unit: 'gal/1000 ft2', low: 0.5, usual: 1, high: 1 },
          intervalDays: { low: 14, high: 28 },
          ...commonPractice,
        },
        leafSprayTrees,
        leafSprayVines,
        leafSprayPots,
        leafLiquidChelateTurf,
      ],
      elsewhere: 'sprayed on leaves that stand in air, not in a solution',
    },
    soil: {
      rows: [soilChelateTrunkNeutral, soilIronWateredInAcid, soilContainerDrench],
      elsewhere: 'no rate of practice on such a stand',
    },
    solution: none('microbes eat it within days, and the iron falls out'),
  },
  responses: weakResponses,
  cautions: noMore,
  acidity: none('it moves no pH worth the name'),
} as const satisfies IronSource
