import type { Rate } from '../../../rate/index.ts'

export const practice = { source: 'common practice', mark: 'C' } as const
/** Nobody states these; read across from the rows that stand nearest. */
export const readAcross = {
  source: 'read across from nearby rates',
  mark: 'J',
} as const

export const onGround = ['turf', 'shrub', 'row-crop'] as const
/** Sprays by weight on the ground; bushes are wetted by strength. */
export const mownOrRows = ['turf', 'row-crop'] as const
export const sprayed = { unit: 'L/ha', low: 200, usual: 300, high: 400 } as const
export const perTree = { unit: 'gal/tree', low: 1, usual: 2, high: 5 } as const
export const perPot = { unit: 'fl oz/pot', low: 1, usual: 2, high: 3 } as const
export const leafInterval = { intervalDays: { low: 10, high: 21 } } as const

export const leafOtherChelate: Rate = {
  id: 'leaf-other-chelate',
  label: '0.5-2 kg/ha of chelate on the leaf',
  route: 'leaf',
  contexts: mownOrRows,
  basis: 'product-per-area',
  unit: 'kg/ha',
  rate: { low: 0.5, usual: 1, high: 2 },
  carrier: sprayed,
  ...leafInterval,
  ...practice,
}

export const leafOtherShrub: Rate = {
  id: 'leaf-other-shrub',
  label: '0.1-0.5 % spray until the leaves glisten',
  route: 'leaf',
  contexts: ['shrub'],
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 0.1, usual: 0.25, high: 0.5 },
  carrier: { unit: 'gal/1000 ft2', low: 5, usual: 7.5, high: 10 },
  ...leafInterval,
  ...readAcross,
}

export const leafOtherTree: Rate = {
  id: 'leaf-other-tree',
  label: '0.25-0.5 % spray, leaves wetted but not dripping',
  route: 'leaf',
  contexts: ['tree'],
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 0.25, usual: 0.3, high: 0.5 },
  carrier: perTree,
  ...leafInterval,
  ...practice,
}

export const leafOtherPots: Rate = {
  id: 'leaf-other-pots',
  label: '0.05-0.2 % spray over the pots',
  route: 'leaf',
  contexts: ['container'],
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 0.05, usual: 0.1, high: 0.2 },
  carrier: perPot,
  ...leafInterval,
  ...readAcross,
}

export const soilMagnesiumSulfate: Rate = {
  id: 'soil-magnesium-sulfate',
  label: '50-300 kg/ha, watered in',
  route: 'soil',
  contexts: onGround,
  basis: 'product-per-area',
  unit: 'kg/ha',
  rate: { low: 50, usual: 150, high: 300 },
  intervalDays: { low: 60, high: 120 },
  carrier: undefined,
  ...practice,
}
