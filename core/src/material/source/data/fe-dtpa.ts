import { none } from '../../../base/reference/index.ts'
import { byDefinition, constant, criticalConstants, type Ligand } from '../facts/ligand.ts'
import type { IronSource } from '../facts/source.ts'
import { leafChelate } from './shared/chelate-families.ts'
import { makersSolubility, retail, spooned } from './shared/figures.ts'

/** Constants recalled from the publications named, not re-read. */
export const dtpa = {
  id: 'dtpa',
  name: 'DTPA',
  shortName: 'DTPA',
  dash: '',
  charge: -5,
  ...byDefinition,
  protons: [
    constant(10.45, criticalConstants, 'M'),
    constant(8.53, criticalConstants, 'H'),
    constant(4.28, criticalConstants, 'H'),
    constant(2.65, criticalConstants, 'M'),
    constant(1.82, criticalConstants, 'M'),
  ],
  metals: {
    Fe: {
      ml: constant(28.0, criticalConstants, 'M'),
      mhl: constant(3.56, criticalConstants, 'H'),
      mohl: constant(-9.66, criticalConstants, 'M'),
    },
    Ca: {
      ml: constant(10.75, criticalConstants, 'H'),
      mhl: constant(6.11, criticalConstants, 'H'),
    },
    Mg: { ml: constant(9.34, criticalConstants, 'H'), mhl: constant(6.85, criticalConstants, 'H') },
    Zn: { ml: constant(18.3, criticalConstants, 'M'), mhl: constant(5.6, criticalConstants, 'H') },
    Cu: { ml: constant(21.4, criticalConstants, 'M'), mhl: constant(4.8, criticalConstants, 'H') },
    Mn: { ml: constant(15.5, criticalConstants, 'H'), mhl: constant(4.4, criticalConstants, 'M') },
  },
  ceiling: {
    pHs: [7, 7.5],
    goesOn: false,
    words: 'to pH 7 or 7.5, by school',
    whyCalculatedOtherwise: none('it agrees'),
    source: 'common practice',
    mark: 'C',
  },
} as const satisfies Ligand

export const feDtpa = {
  ...leafChelate,
  id: 'fe-dtpa',
  name: 'Fe-DTPA',
  remark: 'For the leaf, or for soil and solution to about neutral.',
  contentShare: { low: 0.06, usual: 0.1, high: 0.11 },
  richest: { commercial: 0.11, pure: 0.1193 },
  source: 'common practice: 6-11 %',
  mark: 'C',
  pricePerKg: retail(12, 18, 28),
  usualKgPerL: spooned,
  labelNames: ['dtpa', 'diethylenetriaminepentaacetic'],
  boundBy: { ligand: dtpa, isomers: none('one form only') },
  solubility: makersSolubility(100),
} as const satisfies IronSource
