import { none } from '../../../base/reference/index.ts'
import { byDefinition, constant, judged, type Ligand, yunta } from '../facts/ligand.ts'
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
  ...byDefinition,
  protons: [judged(11.2), judged(9.6), judged(8.4), judged(6.2)],
  metals: {
    Fe: { ml: constant(32.79, yunta, 'L'), mhl: judged(2.2) },
    Ca: { ml: judged(6.8), mhl: judged(9.0) },
    Mg: { ml: judged(7.4), mhl: judged(8.5) },
    Zn: { ml: judged(16.0), mhl: judged(7.9) },
    Cu: { ml: judged(22.7), mhl: judged(7.9) },
    Mn: { ml: judged(12.4) },
  },
  ceiling: {
    pHs: [9],
    goesOn: true,
    words: 'past pH 9',
    whyCalculatedOtherwise: none('it agrees'),
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
