import { none } from '../../../base/reference/index.ts'
import { byDefinition, judged, type Ligand } from '../facts/ligand.ts'
import type { IronSource } from '../facts/source.ts'
import { strongChelate } from './shared/chelate-families.ts'
import { makersSolubility, retail, spooned } from './shared/figures.ts'

/** HBED with a methyl group on each ring: between EDDHA and HBED (López-Rayo et al. 2009, from memory); figures read across. */
const hjb = {
  id: 'hjb',
  name: 'HJB',
  shortName: 'HJB',
  dash: '2 2 6 2',
  charge: -4,
  ...byDefinition,
  protons: [judged(12.6), judged(11.2), judged(8.6), judged(4.8), judged(2.5)],
  metals: {
    Fe: { ml: judged(37.5) },
    Ca: { ml: judged(9.2), mhl: judged(9.0) },
    Mg: { ml: judged(10.4), mhl: judged(8.5) },
    Zn: { ml: judged(18.3), mhl: judged(8.3) },
    Cu: { ml: judged(21.3), mhl: judged(8.4) },
    Mn: { ml: judged(14.7) },
  },
  ceiling: {
    pHs: [9],
    goesOn: true,
    words: 'past pH 9',
    whyCalculatedOtherwise: none('it agrees'),
    source: 'read across from HBED',
    mark: 'J',
  },
} as const satisfies Ligand

export const feHjb = {
  ...strongChelate,
  id: 'fe-hjb',
  name: 'Fe-HJB',
  remark:
    'As EDDHA, without the question of isomers. Little is published of it yet; ask for evidence.',
  contentShare: { low: 0.06, usual: 0.06, high: 0.07 },
  richest: { commercial: 0.07, pure: 0.1137 },
  source: 'labels of such products, 6-7 %; pure 55.845/491.3, from memory',
  mark: 'M',
  pricePerKg: retail(30, 48, 80),
  usualKgPerL: spooned,
  labelNames: ['hjb'],
  boundBy: {
    ligand: hjb,
    isomers: none('one form only'),
  },
  solubility: makersSolubility(60),
} as const satisfies IronSource
