import { none } from '../../../base/reference/index.ts'
import { constant, likeLigands, yunta, type Ligand } from '../facts/ligand.ts'
import type { IronSource } from '../facts/source.ts'
import { dtpa } from './fe-dtpa.ts'
import { strongChelate } from './shared/chelate-families.ts'
import { makersSolubility, retail, spooned } from './shared/figures.ts'

/** EDDHA with a sulfonic group on each ring; its iron recalled, the rest read across from EDDHA. */
const eddhsa = {
  id: 'eddhsa',
  name: 'EDDHSA',
  shortName: 'EDDHSA',
  dash: '8 3 2 3',
  charge: -4,
  protons: [
    constant(11.2, likeLigands, 'L'),
    constant(9.6, likeLigands, 'L'),
    constant(8.4, likeLigands, 'L'),
    constant(6.2, likeLigands, 'L'),
  ],
  metals: {
    Fe: { ml: constant(32.79, yunta, 'L'), mhl: constant(2.2, likeLigands, 'L') },
    Ca: { ml: constant(6.8, likeLigands, 'L'), mhl: constant(9.0, likeLigands, 'L') },
    Mg: { ml: constant(7.4, likeLigands, 'L'), mhl: constant(8.5, likeLigands, 'L') },
    Zn: { ml: constant(16.0, likeLigands, 'L'), mhl: constant(7.9, likeLigands, 'L') },
    Cu: { ml: constant(22.7, likeLigands, 'L'), mhl: constant(7.9, likeLigands, 'L') },
    Mn: { ml: constant(12.4, likeLigands, 'L') },
  },
  ceiling: {
    pHs: [9],
    goesOn: true,
    words: 'past pH 9',
    whyReckonedOtherwise: none('it agrees'),
    source: 'common practice: as EDDHA',
    mark: 'C',
  },
} as const satisfies Ligand

export const feEddhsa = {
  ...strongChelate,
  id: 'fe-eddhsa',
  name: 'Fe-EDDHSA',
  remark:
    'Works as EDDHA, and is sold and dosed as it. Blood-red: stains. Read the ortho-ortho part.',
  contentShare: { low: 0.055, usual: 0.06, high: 0.07 },
  richest: { commercial: 0.07, pure: 0.0874 },
  brings: { N: 0, S: 0.07 },
  source:
    'labels of such products, 6-7 %; pure 55.845/639.3, sulfur two atoms for one of iron, from memory',
  mark: 'M',
  pricePerKg: retail(18, 28, 45),
  usualKgPerL: spooned,
  labelNames: ['eddhsa'],
  boundBy: {
    ligand: eddhsa,
    isomers: {
      named: {
        low: 0.3,
        usual: 0.55,
        high: 0.9,
        source: 'labels state part of it only; the rest are chains that nobody describes',
        mark: 'J',
      },
      othersAs: dtpa,
      source: 'as the ortho-para isomer of EDDHA',
      mark: 'J',
    },
  },
  solubility: makersSolubility(150),
} as const satisfies IronSource
