import type { SizeKind, StandSize } from '../../src/stand/plant/index.ts'

/** One stand of each kind of size. */
export const sizes: Readonly<Record<SizeKind, StandSize>> = {
  area: { kind: 'area', areaM2: 1000 },
  trunks: { kind: 'trunks', count: 10, diameterM: 0.1 },
  pots: { kind: 'pots', count: 100, potL: 3 },
  solution: { kind: 'solution', volumeL: 1000 },
}
