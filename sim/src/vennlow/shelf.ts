import type { CreateProductDto } from '@spudder/contract/shelf'
import { idFor } from '../seeded/index.ts'

const kgPerLb = 0.45359237
const silent = { chelated: '', waterSoluble: '', orthoOrtho: '' } as const
const usual = { stain: 'rust', organic: 'not', hazards: '', note: '' } as const

/** What stands in the shed of the estate, invented. */
export const shelfOfVennlow: readonly CreateProductDto[] = [
  {
    ...usual,
    id: idFor('product:sulfate'),
    name: 'Ferrous sulfate crystals, 50 lb bag',
    sourceId: 'ferrous-sulfate',
    label: { ...silent, analysis: { Fe: '20', S: '11.5' }, derivedFrom: 'ferrous sulfate' },
    packPrice: 31,
    packKg: 50 * kgPerLb,
    stockKg: 34,
    lot: 'S-2214',
    labelRate: { value: 3, unit: 'oz/1000 ft2' },
    labelMaximum: { value: 4, unit: 'oz/1000 ft2' },
    organic: 'certified',
    hazards: 'Harmful when swallowed. Stains paving.',
  },
  {
    ...usual,
    id: idFor('product:eddha'),
    name: 'Fe-EDDHA granules, 5 lb tub',
    sourceId: 'fe-eddha',
    label: {
      analysis: { Fe: '6' },
      chelated: 'all',
      waterSoluble: '6',
      orthoOrtho: '4.8',
      derivedFrom: 'iron EDDHA',
    },
    packPrice: 58,
    packKg: 5 * kgPerLb,
    // Most of it went onto the vineyard.
    stockKg: 13.3,
    lot: 'E-0917',
    stain: 'red',
  },
  {
    ...usual,
    id: idFor('product:blend'),
    name: 'Green-up blend 5-0-0, 10 lb pail',
    sourceId: 'fe-edta',
    label: {
      ...silent,
      analysis: { N: '5', Mg: '1', S: '7', Mn: '2', Fe: '9' },
      chelated: 'all',
      derivedFrom: 'EDDHA, EDTA, citrate',
    },
    packPrice: 62,
    packKg: 10 * kgPerLb,
    stockKg: 4.5,
    lot: '',
    note: 'Bought for its nine percent.',
  },
  {
    ...usual,
    id: idFor('product:edta'),
    name: 'Fe-EDTA powder from the glasshouse',
    sourceId: 'fe-edta',
    label: { ...silent, analysis: { Fe: '13' }, chelated: '13', derivedFrom: 'iron EDTA' },
    packPrice: 27,
    packKg: 2,
    stockKg: 0.4,
    lot: 'T-118',
    note: 'What is left of the kilogram that went onto the oaks.',
  },
]
