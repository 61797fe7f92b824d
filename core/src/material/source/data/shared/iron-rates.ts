import type { Rate } from '../../../rate/index.ts'

const practice = { source: 'common practice', mark: 'C' } as const
const drenches = { source: 'container drench bulletins', mark: 'M' } as const
const turfLabels = { source: 'label directions of turf chelates', mark: 'M' } as const
/** Nobody states these; read across from the rows that stand nearest. */
const readAcross = { source: 'read across from nearby rates', mark: 'J' } as const

export const leafSprayShrubs: Rate = {
  id: 'leaf-spray-shrubs',
  label: '0.25-1 % spray, leaves wetted but not dripping',
  route: 'leaf',
  contexts: ['shrub'],
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 0.25, usual: 0.5, high: 1 },
  carrier: { unit: 'gal/acre', low: 20, usual: 30, high: 40 },
  intervalDays: { low: 14, high: 28 },
  ...readAcross,
}

export const leafSulfate2Percent: Rate = {
  id: 'leaf-sulfate-2-percent',
  label: '2 % spray at 20-30 gal/acre',
  route: 'leaf',
  contexts: ['turf', 'shrub', 'row-crop'],
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 1, usual: 2, high: 2 },
  carrier: { unit: 'gal/acre', low: 20, usual: 25, high: 30 },
  intervalDays: { low: 14, high: 28 },
  ...practice,
}

export const leafChelateIronPerArea: Rate = {
  id: 'leaf-chelate-iron-per-area',
  label: '1-5 lb iron/acre on the leaf',
  route: 'leaf',
  contexts: ['turf', 'row-crop'],
  basis: 'iron-per-area',
  unit: 'lb/acre',
  rate: { low: 1, usual: 1.5, high: 5 },
  carrier: { unit: 'gal/acre', low: 20, usual: 40, high: 40 },
  intervalDays: { low: 21, high: 28 },
  ...practice,
}

export const leafSprayTrees: Rate = {
  id: 'leaf-spray-trees',
  label: '0.5-1 % spray, leaves wetted but not dripping',
  route: 'leaf',
  contexts: ['tree'],
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 0.5, usual: 0.5, high: 1 },
  carrier: { unit: 'gal/tree', low: 1, usual: 2, high: 5 },
  intervalDays: { low: 14, high: 28 },
  ...readAcross,
}

export const leafSprayPots: Rate = {
  id: 'leaf-spray-pots',
  label: '0.1-0.5 % spray over the pots',
  route: 'leaf',
  contexts: ['container'],
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 0.1, usual: 0.2, high: 0.5 },
  carrier: { unit: 'fl oz/pot', low: 1, usual: 2, high: 3 },
  intervalDays: { low: 14, high: 28 },
  ...readAcross,
}

export const soilEddhaTrunk: Rate = {
  id: 'soil-eddha-trunk',
  label: '1 oz per inch of trunk, drenched over the roots',
  route: 'soil',
  contexts: ['tree'],
  basis: 'product-per-trunk',
  unit: 'oz/in',
  rate: { low: 0.5, usual: 1, high: 2 },
  carrier: { unit: 'gal/tree', low: 5, usual: 5, high: 5 },
  intervalDays: undefined,
  ...practice,
}

export const soilChelateTrunkNeutral: Rate = {
  id: 'soil-chelate-trunk-neutral',
  label: '1-4 tbsp per inch of trunk, 0.5-2 oz per inch',
  route: 'soil',
  contexts: ['tree'],
  basis: 'product-per-trunk',
  unit: 'oz/in',
  rate: { low: 0.5, usual: 1, high: 2 },
  carrier: { unit: 'gal/tree', low: 5, usual: 5, high: 5 },
  intervalDays: { low: 28, high: 56 },
  ...practice,
}

export const soilEddhaWateredIn: Rate = {
  id: 'soil-eddha-watered-in',
  label: '1-4 oz/1000 ft², watered in',
  route: 'soil',
  contexts: ['turf', 'shrub'],
  basis: 'product-per-area',
  unit: 'oz/1000 ft2',
  rate: { low: 1, usual: 2, high: 4 },
  carrier: { unit: 'gal/1000 ft2', low: 3, usual: 5, high: 10 },
  intervalDays: { low: 35, high: 60 },
  ...turfLabels,
}

export const soilIronWateredInAcid: Rate = {
  id: 'soil-iron-watered-in-acid',
  label: '1-5 lb iron/acre, watered in on acid soil',
  route: 'soil',
  contexts: ['turf', 'shrub', 'row-crop'],
  basis: 'iron-per-area',
  unit: 'lb/acre',
  rate: { low: 1, usual: 2, high: 5 },
  carrier: { unit: 'gal/1000 ft2', low: 3, usual: 5, high: 10 },
  intervalDays: { low: 28, high: 42 },
  ...readAcross,
}

export const soilEddhaFurrow: Rate = {
  id: 'soil-eddha-furrow',
  label: '1-3 lb/acre in the furrow at planting',
  route: 'soil',
  contexts: ['row-crop'],
  basis: 'product-per-area',
  unit: 'lb/acre',
  rate: { low: 1, usual: 2, high: 3 },
  carrier: { unit: 'gal/acre', low: 5, usual: 10, high: 15 },
  intervalDays: undefined,
  ...practice,
}

export const soilSulfateTrunk: Rate = {
  id: 'soil-sulfate-trunk',
  label: '1-2 oz per inch of trunk on acid soil',
  route: 'soil',
  contexts: ['tree'],
  basis: 'product-per-trunk',
  unit: 'oz/in',
  rate: { low: 1, usual: 1, high: 2 },
  carrier: { unit: 'gal/tree', low: 5, usual: 5, high: 5 },
  intervalDays: { low: 28, high: 56 },
  ...readAcross,
}

export const soilContainerDrench: Rate = {
  id: 'soil-container-drench',
  label: '5 oz per 100 gal of drench',
  route: 'soil',
  contexts: ['container'],
  basis: 'drench-strength',
  unit: 'oz/100 gal',
  rate: { low: 4, usual: 5, high: 5 },
  carrier: { unit: '%', low: 10, usual: 12, high: 15 },
  intervalDays: undefined,
  ...drenches,
}

export const solutionAquaponic: Rate = {
  id: 'solution-aquaponic',
  label: 'to 2 mg/L iron, a third a day for three days',
  route: 'solution',
  contexts: ['aquaponic'],
  basis: 'iron-in-solution',
  unit: 'mg/L',
  rate: { low: 1.5, usual: 2, high: 2 },
  intervalDays: { low: 21, high: 28 },
  stepDays: 3,
  carrier: undefined,
  ...practice,
}

export const solutionHydroponic: Rate = {
  id: 'solution-hydroponic',
  label: '1-3 mg/L iron',
  route: 'solution',
  contexts: ['hydroponic'],
  basis: 'iron-in-solution',
  unit: 'mg/L',
  rate: { low: 1, usual: 2, high: 3 },
  intervalDays: { low: 7, high: 21 },
  carrier: undefined,
  ...practice,
}

export const leafLiquidChelateTurf: Rate = {
  id: 'leaf-liquid-chelate-turf',
  label: 'up to 16 fl oz/1000 ft² of a liquid of low analysis, 30 days apart at least',
  route: 'leaf',
  contexts: ['turf'],
  basis: 'product-per-area',
  unit: 'fl oz/1000 ft2',
  rate: { low: 4, usual: 8, high: 16 },
  carrier: { unit: 'gal/1000 ft2', low: 0.5, usual: 0.9, high: 1 },
  intervalDays: { low: 30, high: 42 },
  ...practice,
}

export const soilPowderScoops: Rate = {
  id: 'soil-powder-scoops',
  label: "the label's scoops per 10 L as a drench: 5-10 g/10 L where it says none",
  route: 'soil',
  contexts: ['container', 'tree'],
  basis: 'drench-strength',
  unit: 'g/10 L',
  rate: { low: 5, usual: 5, high: 10 },
  carrier: { unit: 'L/plant', low: 1, usual: 2, high: 10 },
  intervalDays: undefined,
  ...readAcross,
}
