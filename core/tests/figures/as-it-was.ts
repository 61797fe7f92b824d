import type { IronSourceId, LigandId, SourceId } from '../../src/material/source/index.ts'
import type { SizeKind, StandSize } from '../../src/stand/plant/index.ts'

/** One stand of each kind of size. */
export const sizes: Readonly<Record<SizeKind, StandSize>> = {
  area: { kind: 'area', areaM2: 1000 },
  trunks: { kind: 'trunks', count: 10, diameterM: 0.1 },
  pots: { kind: 'pots', count: 100, potL: 3 },
  solution: { kind: 'solution', volumeL: 1000 },
}

/** Forms of iron when the figures were written down; later ones change none of these. */
export const ironThen: readonly IronSourceId[] = [
  'ferrous-sulfate',
  'ferrous-sulfate-monohydrate',
  'ferrous-ammonium-sulfate',
  'fe-edta',
  'fe-hedta',
  'fe-dtpa',
  'fe-eddha',
  'fe-hbed',
  'iron-citrate',
  'iron-glucoheptonate',
  'iron-lignosulfonate',
  'iron-humate',
  'iron-oxide',
  'iron-granules',
]

/** The whole catalogue then. */
export const sourcesThen: readonly SourceId[] = [
  ...ironThen,
  'manganese-sulfate',
  'mn-edta',
  'zinc-sulfate',
  'zn-edta',
  'epsom-salt',
  'kieserite',
  'dolomite',
  'sulfur-flour',
  'sulfur-granules',
  'sulfur-prills',
  'ammonium-sulfate',
  'urea',
  'aluminium-sulfate',
  'peat-moss',
  'needle-mulch',
  'limestone',
]

export const ligandsThen: readonly LigandId[] = ['citrate', 'hedta', 'edta', 'cdta', 'dtpa', 'eddha', 'hbed'] // prettier-ignore
