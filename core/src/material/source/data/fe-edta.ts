import { none } from '../../../base/reference/index.ts'
import { byDefinition, constant, criticalConstants, type Ligand } from '../facts/ligand.ts'
import type { IronSource } from '../facts/source.ts'
import { leafChelate } from './shared/chelate-families.ts'
import { makersSolubility, retail, spooned } from './shared/figures.ts'

const bothBooks = { source: 'Martell & Smith; Gustafson & Martell 1963', mark: 'M' } as const

/** Constants recalled from the publications named, not re-read. */
export const edta = {
  id: 'edta',
  name: 'EDTA',
  shortName: 'EDTA',
  dash: '',
  charge: -4,
  ...byDefinition,
  protons: [
    constant(10.17, criticalConstants, 'H'),
    constant(6.11, criticalConstants, 'H'),
    constant(2.68, criticalConstants, 'H'),
    constant(2.0, criticalConstants, 'H'),
    constant(1.5, criticalConstants, 'M'),
  ],
  metals: {
    Fe: {
      ml: constant(25.1, criticalConstants, 'H'),
      mhl: constant(1.3, criticalConstants, 'M'),
      mohl: constant(-7.5, bothBooks, 'H'),
      dimer: constant(2.8, bothBooks, 'M'),
    },
    Ca: { ml: constant(10.65, criticalConstants, 'H'), mhl: constant(3.1, criticalConstants, 'H') },
    Mg: { ml: constant(8.79, criticalConstants, 'H'), mhl: constant(3.85, criticalConstants, 'H') },
    Zn: {
      ml: constant(16.5, criticalConstants, 'H'),
      mhl: constant(3.0, criticalConstants, 'H'),
      mohl: constant(-11.6, criticalConstants, 'M'),
    },
    Cu: {
      ml: constant(18.79, criticalConstants, 'H'),
      mhl: constant(3.0, criticalConstants, 'H'),
      mohl: constant(-11.4, criticalConstants, 'M'),
    },
    Mn: { ml: constant(13.88, criticalConstants, 'H'), mhl: constant(3.1, criticalConstants, 'H') },
  },
  ceiling: {
    pHs: [6, 6.5, 7],
    goesOn: false,
    words: 'to pH 6, 6.5 or 7, by school',
    whyCalculatedOtherwise: none('it agrees'),
    source: 'common practice',
    mark: 'C',
  },
} as const satisfies Ligand

export const feEdta = {
  ...leafChelate,
  id: 'fe-edta',
  name: 'Fe-EDTA',
  remark: 'For the leaf, or for soil that is acid.',
  contentShare: { low: 0.05, usual: 0.13, high: 0.14 },
  richest: { commercial: 0.13, pure: 0.1522 },
  source: 'common practice: 13 % solid, 4-6 % liquid',
  mark: 'C',
  pricePerKg: retail(8, 12, 18),
  usualKgPerL: spooned,
  labelNames: ['edta', 'ethylenediaminetetraacetic'],
  boundBy: { ligand: edta, isomers: none('one form only') },
  solubility: makersSolubility(90),
} as const satisfies IronSource
