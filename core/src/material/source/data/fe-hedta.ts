import { none } from '../../../base/reference/index.ts'
import {
  byDefinition,
  constant,
  criticalConstants,
  gustafsonMartell,
  type Ligand,
} from '../facts/ligand.ts'
import type { IronSource } from '../facts/source.ts'
import { leafChelate } from './shared/chelate-families.ts'
import { liquid, makersSolubility, retail } from './shared/figures.ts'

/** Constants recalled from the publications named, not re-read. */
const hedta = {
  id: 'hedta',
  name: 'HEDTA',
  shortName: 'HEDTA',
  dash: '7 3 1 3',
  charge: -3,
  ...byDefinition,
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
    whyCalculatedOtherwise:
      'The zinc and copper of a field take it over early in the calculation; in practice it lasts longer. Trust practice here.',
    source: 'common practice',
    mark: 'C',
  },
} as const satisfies Ligand

export const feHedta = {
  ...leafChelate,
  id: 'fe-hedta',
  name: 'Fe-HEDTA',
  remark: 'By practice between EDTA and DTPA; mostly a liquid.',
  contentShare: { low: 0.045, usual: 0.05, high: 0.09 },
  richest: { commercial: 0.09, pure: 0.1687 },
  source: 'common practice: 5-9 %',
  mark: 'C',
  pricePerKg: retail(4, 6, 10),
  usualKgPerL: liquid,
  labelNames: ['hedta', 'heedta', 'hydroxyethylethylenediaminetriacetic'],
  boundBy: { ligand: hedta, isomers: none('one form only') },
  solubility: makersSolubility(150),
} as const satisfies IronSource
