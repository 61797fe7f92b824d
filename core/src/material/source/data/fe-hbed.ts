import { none } from '../../../base/reference/index.ts'
import { byDefinition, constant, judged, type Ligand } from '../facts/ligand.ts'
import type { IronSource } from '../facts/source.ts'
import { strongChelate } from './shared/chelate-families.ts'
import { makersSolubility, retail, spooned } from './shared/figures.ts'
import { loss } from './shared/losses.ts'

const ma = { source: 'Ma, Motekaitis & Martell 1994', mark: 'M' } as const
const older = { source: "L'Eplattenier, Murase & Martell 1967", mark: 'M' } as const

/** Constants recalled from the publications named, not re-read. */
const hbed = {
  id: 'hbed',
  name: 'HBED',
  shortName: 'HBED',
  dash: '4 3',
  charge: -4,
  ...byDefinition,
  protons: [
    constant(12.6, ma, 'M'),
    constant(11.0, ma, 'M'),
    constant(8.44, ma, 'M'),
    constant(4.72, ma, 'M'),
    constant(2.53, ma, 'M'),
  ],
  metals: {
    Fe: { ml: constant(39.01, ma, 'M') },
    Ca: { ml: constant(9.29, older, 'M'), mhl: judged(9.0) },
    Mg: { ml: constant(10.51, older, 'M'), mhl: judged(8.5) },
    Zn: { ml: constant(18.37, older, 'M'), mhl: judged(8.3) },
    Cu: { ml: constant(21.38, older, 'M'), mhl: judged(8.4) },
    Mn: { ml: constant(14.78, older, 'M') },
  },
  ceiling: {
    pHs: [9],
    goesOn: true,
    words: 'past pH 9, and longer',
    whyCalculatedOtherwise: none('it agrees'),
    source: 'common practice',
    mark: 'C',
  },
} as const satisfies Ligand

export const feHbed = {
  ...strongChelate,
  id: 'fe-hbed',
  name: 'Fe-HBED',
  remark: 'As EDDHA, without the question of isomers, and longer.',
  contentShare: { low: 0.06, usual: 0.06, high: 0.09 },
  richest: { commercial: 0.09, pure: 0.1206 },
  source: 'common practice: 6-9 %',
  mark: 'C',
  pricePerKg: retail(35, 55, 90),
  usualKgPerL: spooned,
  labelNames: ['hbed'],
  boundBy: { ligand: hbed, isomers: none('one form only') },
  soil: {
    held: none('what its ligand keeps is calculated'),
    losses: [
      loss('leaching', [60, 130, 240], {
        source: 'longer than EDDHA (common practice), as half-lives',
        mark: 'J',
      }),
    ],
    isOpenOfUse: true,
  },
  solubility: makersSolubility(60),
} as const satisfies IronSource
