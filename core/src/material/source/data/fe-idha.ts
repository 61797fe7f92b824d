import { none } from '../../../base/reference/index.ts'
import { byDefinition, constant, judged, type Ligand } from '../facts/ligand.ts'
import type { IronSource } from '../facts/source.ts'
import { leafChelate } from './shared/chelate-families.ts'
import { makersSolubility, retail, spooned } from './shared/figures.ts'
import { heldOnLeaves, soilIronWateredInAcid, solutionHydroponic } from './shared/iron-rates.ts'
import { loss } from './shared/losses.ts'

const hyvonen = {
  source: 'Hyvönen, Orama et al. 2003, on iminodisuccinic acid',
  mark: 'M',
} as const

/** Iminodisuccinic acid; constants recalled, not re-read. */
const idha = {
  id: 'idha',
  name: 'IDHA, iminodisuccinic acid',
  shortName: 'IDHA',
  dash: '5 5',
  charge: -4,
  ...byDefinition,
  protons: [
    constant(10.1, hyvonen, 'M'),
    constant(4.3, hyvonen, 'M'),
    constant(3.3, hyvonen, 'M'),
    constant(2.0, hyvonen, 'M'),
  ],
  metals: {
    Fe: { ml: constant(15.2, hyvonen, 'M'), mohl: judged(-4.5) },
    Ca: { ml: constant(4.9, hyvonen, 'M') },
    Mg: { ml: constant(6.0, hyvonen, 'M') },
    Zn: { ml: constant(10.5, hyvonen, 'M') },
    Cu: { ml: constant(13.0, hyvonen, 'M') },
    Mn: { ml: constant(7.5, hyvonen, 'M') },
  },
  ceiling: {
    pHs: [5.5],
    goesOn: false,
    words: 'on the leaf and in feeds; in soil only when acid',
    whyCalculatedOtherwise:
      'Calculated, lime and magnesium take it early; where soil is acid, practice and calculation leave little to choose from the salt.',
    source: 'read across from citrate and EDTA',
    mark: 'J',
  },
} as const satisfies Ligand

const eaten = {
  source: 'breaks down within days to weeks (tests of ready biodegradability, from memory)',
  mark: 'M',
} as const

export const feIdha = {
  ...leafChelate,
  id: 'fe-idha',
  name: 'Fe-IDHA',
  remark: 'A chelate that rots away: for the leaf and for feeds that are used up soon.',
  contentShare: { low: 0.08, usual: 0.09, high: 0.1 },
  richest: { commercial: 0.1, pure: 0.1724 },
  source: 'labels of such products, 9 %; pure 55.845/324.0, from memory',
  mark: 'M',
  pricePerKg: retail(8, 13, 20),
  usualKgPerL: spooned,
  organic: 'ask',
  labelNames: ['idha', 'iminodisuccin'],
  boundBy: { ligand: idha, isomers: none('one form only') },
  soil: {
    held: none('what its ligand keeps is calculated'),
    losses: [loss('microbes', [2, 6, 14], eaten)],
    isOpenOfUse: true,
  },
  solution: {
    held: none('what its ligand keeps is calculated'),
    losses: {
      clear: [loss('light', [1, 3, 7], eaten), loss('microbes', [4, 10, 20], eaten)],
      covered: [loss('microbes', [4, 10, 20], eaten)],
    },
  },
  solubility: makersSolubility(300),
  rates: {
    leaf: {
      rows: [...heldOnLeaves],
      elsewhere: 'sprayed on leaves that stand in air, not in a solution',
    },
    soil: { rows: [soilIronWateredInAcid], elsewhere: 'for the leaf, or watered into acid ground' },
    solution: { rows: [solutionHydroponic], elsewhere: 'nobody states it beside fish' },
  },
} as const satisfies IronSource
