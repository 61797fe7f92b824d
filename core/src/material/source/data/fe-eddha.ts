import { none } from '../../../base/reference/index.ts'
import { byDefinition, constant, judged, type Ligand } from '../facts/ligand.ts'
import type { IronSource } from '../facts/source.ts'
import { dtpa } from './fe-dtpa.ts'
import { strongChelate } from './shared/chelate-families.ts'
import { makersSolubility, retail, spooned } from './shared/figures.ts'

const bothBooks = {
  source: "L'Eplattenier, Murase & Martell 1967; Martell & Smith",
  mark: 'M',
} as const
const newerMeasured = {
  source: 'Yunta et al. 2003 (33.9 in the older measurement)',
  mark: 'M',
} as const

/** Constants recalled from the publications named, not re-read. */
export const eddha = {
  id: 'eddha',
  name: 'EDDHA, ortho-ortho',
  shortName: 'EDDHA',
  dash: '',
  charge: -4,
  ...byDefinition,
  protons: [
    constant(11.68, bothBooks, 'M'),
    constant(10.24, bothBooks, 'M'),
    constant(8.64, bothBooks, 'H'),
    constant(6.32, bothBooks, 'H'),
  ],
  metals: {
    Fe: { ml: constant(35.09, newerMeasured, 'M'), mhl: judged(2.2) },
    Ca: { ml: constant(7.2, bothBooks, 'M'), mhl: judged(9.0) },
    Mg: { ml: constant(8.0, bothBooks, 'M'), mhl: judged(8.5) },
    Zn: { ml: constant(16.8, bothBooks, 'M'), mhl: judged(7.9) },
    Cu: { ml: constant(23.9, bothBooks, 'M'), mhl: judged(7.9) },
    Mn: { ml: judged(13.0) },
  },
  ceiling: {
    pHs: [9],
    goesOn: true,
    words: 'past pH 9',
    whyCalculatedOtherwise: none('it agrees'),
    source: 'common practice',
    mark: 'C',
  },
} as const satisfies Ligand

export const feEddha = {
  ...strongChelate,
  id: 'fe-eddha',
  name: 'Fe-EDDHA',
  remark:
    'For soil and solution at any farm pH. Blood-red: stains. Hardly enters a leaf. At high pH only the ortho-ortho part counts; the label states it.',
  contentShare: { low: 0.06, usual: 0.06, high: 0.06 },
  richest: { commercial: 0.06, pure: 0.1284 },
  source: 'common practice: 6 %',
  mark: 'C',
  pricePerKg: retail(18, 28, 45),
  usualKgPerL: spooned,
  labelNames: ['eddha', 'ethylenediamine-n,n', 'ethylenediaminedi'],
  boundBy: {
    ligand: eddha,
    isomers: {
      named: {
        low: 0.5,
        usual: 0.8,
        high: 1,
        source: 'labels: 4.8 of 6 % in good grades (common practice)',
        mark: 'C',
      },
      // log K 28.7 against 28.0.
      othersAs: dtpa,
      source: 'ortho-para isomer, Yunta et al. 2003',
      mark: 'M',
    },
  },
  solubility: makersSolubility(60),
} as const satisfies IronSource
