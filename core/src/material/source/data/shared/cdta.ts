import { none } from '../../../../base/reference/index.ts'
import {
  byDefinition,
  constant,
  criticalConstants,
  gustafsonMartell,
  type Ligand,
} from '../../facts/ligand.ts'

/** Not sold with iron; drawn beside the others, since books compare them. */
export const cdta = {
  id: 'cdta',
  name: 'CDTA',
  shortName: 'CDTA',
  dash: '10 4',
  charge: -4,
  ...byDefinition,
  protons: [
    constant(12.3, criticalConstants, 'M'),
    constant(6.12, criticalConstants, 'H'),
    constant(3.53, criticalConstants, 'H'),
    constant(2.42, criticalConstants, 'H'),
    constant(1.6, criticalConstants, 'L'),
  ],
  metals: {
    Fe: { ml: constant(30.0, criticalConstants, 'M'), mohl: constant(-9.6, gustafsonMartell, 'M') },
    Ca: { ml: constant(13.15, criticalConstants, 'M') },
    Mg: { ml: constant(11.05, criticalConstants, 'M') },
    Zn: {
      ml: constant(19.35, criticalConstants, 'M'),
      mhl: constant(2.9, criticalConstants, 'L'),
    },
    Cu: {
      ml: constant(21.95, criticalConstants, 'M'),
      mhl: constant(3.1, criticalConstants, 'L'),
    },
    Mn: {
      ml: constant(17.45, criticalConstants, 'M'),
      mhl: constant(2.8, criticalConstants, 'L'),
    },
  },
  ceiling: none('not sold with iron, so no school speaks of it'),
} as const satisfies Ligand
