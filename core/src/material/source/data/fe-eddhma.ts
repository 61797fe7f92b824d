import { none } from '../../../base/reference/index.ts'
import { byDefinition, constant, judged, judgedLike, type Ligand, yunta } from '../facts/ligand.ts'
import type { IronSource } from '../facts/source.ts'
import { dtpa } from './fe-dtpa.ts'
import { eddha } from './fe-eddha.ts'
import { strongChelate } from './shared/chelate-families.ts'
import { makersSolubility, retail, spooned } from './shared/figures.ts'

/** EDDHA with a methyl group on each ring; its iron recalled, the rest read across from EDDHA. */
const eddhma = {
  id: 'eddhma',
  name: 'EDDHMA, ortho-ortho',
  shortName: 'EDDHMA',
  dash: '12 3',
  charge: -4,
  ...byDefinition,
  protons: [judged(11.9), judged(10.5), judged(8.7), judged(6.3)],
  metals: {
    Fe: { ml: constant(34.97, yunta, 'L'), mhl: judged(2.2) },
    Ca: judgedLike(eddha.metals.Ca),
    Mg: judgedLike(eddha.metals.Mg),
    Zn: judgedLike(eddha.metals.Zn),
    Cu: judgedLike(eddha.metals.Cu),
    Mn: judgedLike(eddha.metals.Mn),
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

export const feEddhma = {
  ...strongChelate,
  id: 'fe-eddhma',
  name: 'Fe-EDDHMA',
  remark:
    'Works as EDDHA, and is sold and dosed as it. Blood-red: stains. Read the ortho-ortho part.',
  contentShare: { low: 0.06, usual: 0.06, high: 0.07 },
  richest: { commercial: 0.07, pure: 0.1206 },
  source: 'labels of such products, 6-7 %; pure 55.845/463.2, from memory',
  mark: 'M',
  pricePerKg: retail(18, 28, 45),
  usualKgPerL: spooned,
  labelNames: ['eddhma'],
  boundBy: {
    ligand: eddhma,
    isomers: {
      named: {
        low: 0.5,
        usual: 0.8,
        high: 1,
        source: 'labels: 4.8 of 6 % usual, from memory',
        mark: 'M',
      },
      othersAs: dtpa,
      source: 'as the ortho-para isomer of EDDHA',
      mark: 'J',
    },
  },
  solubility: makersSolubility(60),
} as const satisfies IronSource
