import type { Rate } from '../../../rate/index.ts'

const practice = { source: 'common practice', mark: 'C' } as const
const drenches = { source: 'container drench bulletins', mark: 'M' } as const
const turfLabels = { source: 'label directions of turf chelates', mark: 'M' } as const
const memory = (source: string) => ({ source, mark: 'M' }) as const
/** Nobody states these; read across from the rows that stand nearest. */
const readAcross = { source: 'read across from nearby rates', mark: 'J' } as const

const standingAlone = ['orchard', 'shade tree', 'conifer', 'palm', 'shrub'] as const
const ornamentalTrees = ['shade tree', 'conifer', 'palm', 'shrub'] as const
/** Water grows with the root zone: 5 gal at 2 in of trunk, 15-30 gal over 12 in. */
const rootZone = { unit: 'gal/in', low: 1.25, usual: 2.5, high: 2.5 } as const

export const leafSprayShrubs: Rate = {
  id: 'leaf-spray-shrubs',
  label: '0.25-1 % spray, leaves wetted but not dripping',
  route: 'leaf',
  contexts: ['shrub'],
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 0.25, usual: 0.5, high: 1 },
  // To glisten: half a gallon to a gallon over 100 ft² of canopy.
  carrier: { unit: 'gal/1000 ft2', low: 5, usual: 7.5, high: 10 },
  intervalDays: { low: 14, high: 28 },
  ...memory('ornamental label directions'),
}

export const leafSulfate2Percent: Rate = {
  id: 'leaf-sulfate-2-percent',
  label: '2 % spray at 20-30 gal/acre',
  route: 'leaf',
  contexts: ['turf'],
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 1, usual: 2, high: 2 },
  carrier: { unit: 'gal/acre', low: 20, usual: 25, high: 30 },
  intervalDays: { low: 14, high: 28 },
  ...practice,
}

export const leafSulfateRowCrop: Rate = {
  id: 'leaf-sulfate-row-crop',
  label: '2-2.5 % banded over the row with a wetting agent, 5 gal/acre first, more as it grows',
  route: 'leaf',
  contexts: ['row-crop'],
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 2, usual: 2, high: 2.5 },
  carrier: { unit: 'gal/acre', low: 5, usual: 10, high: 15 },
  intervalDays: { low: 10, high: 14 },
  ...memory('sorghum and peanut bulletins'),
}

export const leafChelateRowCrop: Rate = {
  id: 'leaf-chelate-row-crop',
  label: '0.05-0.2 lb iron/acre on the leaf',
  route: 'leaf',
  contexts: ['row-crop'],
  basis: 'iron-per-area',
  unit: 'lb/acre',
  rate: { low: 0.05, usual: 0.1, high: 0.2 },
  carrier: { unit: 'gal/acre', low: 20, usual: 25, high: 40 },
  intervalDays: { low: 7, high: 14 },
  ...memory('row-crop chelate labels'),
}

export const leafChelateIronPerArea: Rate = {
  id: 'leaf-chelate-iron-per-area',
  label: '0.3-1 lb iron/acre on the leaf',
  route: 'leaf',
  contexts: ['turf'],
  basis: 'iron-per-area',
  unit: 'lb/acre',
  rate: { low: 0.3, usual: 0.6, high: 1 },
  carrier: { unit: 'gal/acre', low: 20, usual: 40, high: 40 },
  intervalDays: { low: 21, high: 28 },
  ...memory('turf chelate labels'),
}

export const leafSprayTrees: Rate = {
  id: 'leaf-spray-trees',
  label: '0.5-1 % spray, leaves wetted but not dripping',
  route: 'leaf',
  contexts: ['tree'],
  growths: standingAlone,
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 0.5, usual: 0.5, high: 1 },
  carrier: { unit: 'gal/tree', low: 1, usual: 2, high: 5 },
  intervalDays: { low: 14, high: 28 },
  ...readAcross,
}

export const leafSprayVines: Rate = {
  id: 'leaf-spray-vines',
  label: '0.1-0.5 % spray over the canopy',
  route: 'leaf',
  contexts: ['tree'],
  growths: ['vine'],
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 0.1, usual: 0.2, high: 0.5 },
  // 300-1,000 L/ha of canopy at some 3,300 vines on a hectare.
  carrier: { unit: 'fl oz/plant', low: 3, usual: 6, high: 10 },
  intervalDays: { low: 10, high: 21 },
  ...memory('vineyard practice'),
}

export const leafSprayPots: Rate = {
  id: 'leaf-spray-pots',
  label: '0.03-0.1 % spray over the pots, to about 60 mg/L iron',
  route: 'leaf',
  contexts: ['container'],
  basis: 'spray-strength',
  unit: '%',
  rate: { low: 0.03, usual: 0.06, high: 0.1 },
  carrier: { unit: 'fl oz/pot', low: 1, usual: 2, high: 3 },
  intervalDays: { low: 14, high: 28 },
  ...memory('greenhouse bulletins'),
}

/** How chelates and complexes are sprayed, whichever it is. */
export const heldOnLeaves = [
  leafSprayShrubs,
  leafChelateIronPerArea,
  leafChelateRowCrop,
  leafSprayTrees,
  leafSprayVines,
  leafSprayPots,
] as const

export const soilEddhaVines: Rate = {
  id: 'soil-eddha-vines',
  label: '0.2-0.5 oz a vine at bud break, and 9-22 lb/acre: the smaller counts',
  route: 'soil',
  contexts: ['tree'],
  growths: ['vine'],
  basis: 'product-per-plant',
  unit: 'oz/plant',
  rate: { low: 0.2, usual: 0.3, high: 0.5 },
  carrier: { unit: 'gal/plant', low: 0.25, usual: 0.5, high: 1 },
  intervalDays: undefined,
  ...memory('vineyard labels'),
}

export const soilEddhaOrchard: Rate = {
  id: 'soil-eddha-orchard',
  label: '1-3.5 oz a bearing tree at bud break: 0.25-0.7 oz per inch of trunk',
  route: 'soil',
  contexts: ['tree'],
  growths: ['orchard'],
  basis: 'product-per-trunk',
  unit: 'oz/in',
  rate: { low: 0.25, usual: 0.5, high: 0.7 },
  carrier: rootZone,
  intervalDays: undefined,
  ...memory('orchard labels, bearing trees of 4-6 in'),
}

export const soilEddhaTrunk: Rate = {
  id: 'soil-eddha-trunk',
  label: '1 oz per inch of trunk, drenched over the roots',
  route: 'soil',
  contexts: ['tree'],
  growths: ornamentalTrees,
  basis: 'product-per-trunk',
  unit: 'oz/in',
  rate: { low: 0.5, usual: 1, high: 2 },
  carrier: rootZone,
  intervalDays: undefined,
  ...practice,
}

export const soilChelateTrunkNeutral: Rate = {
  id: 'soil-chelate-trunk-neutral',
  label: '1-4 tbsp per inch of trunk, 0.5-2 oz per inch',
  route: 'soil',
  contexts: ['tree'],
  growths: standingAlone,
  basis: 'product-per-trunk',
  unit: 'oz/in',
  rate: { low: 0.5, usual: 1, high: 2 },
  carrier: rootZone,
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
  isAtPlanting: true,
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
  growths: standingAlone,
  basis: 'product-per-trunk',
  unit: 'oz/in',
  rate: { low: 1, usual: 1, high: 2 },
  carrier: rootZone,
  intervalDays: { low: 28, high: 56 },
  ...readAcross,
}

export const soilStrongContainerDrench: Rate = {
  id: 'soil-strong-container-drench',
  label: '5 oz per 100 gal of drench, once or twice a season',
  route: 'soil',
  contexts: ['container'],
  basis: 'drench-strength',
  unit: 'oz/100 gal',
  rate: { low: 4, usual: 5, high: 5 },
  carrier: { unit: '%', low: 10, usual: 12, high: 15 },
  intervalDays: { low: 60, high: 100 },
  ...drenches,
}

export const soilContainerDrench: Rate = {
  id: 'soil-container-drench',
  label: '5 oz per 100 gal of drench, again after 3-4 weeks',
  route: 'soil',
  contexts: ['container'],
  basis: 'drench-strength',
  unit: 'oz/100 gal',
  rate: { low: 4, usual: 5, high: 5 },
  carrier: { unit: '%', low: 10, usual: 12, high: 15 },
  intervalDays: { low: 21, high: 28 },
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
