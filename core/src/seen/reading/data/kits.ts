import type { Sourced } from '../../../base/reference/index.ts'
import type { ReadingKind } from './kinds.ts'

/** A kit that is read by counting drops until the colour turns. */
export interface DropKit extends Sourced {
  readonly name: string
  readonly kind: ReadingKind
  /** What one drop stands for, in the unit of the reading kind. */
  readonly perDrop: number
  readonly words: string
}

/** One German degree of hardness, as CaCO3 [mg/L]: 10 mg CaO, whose mass is 56.077 to 100.087. */
const degreeAsCaCO3 = 17.848

const degrees = {
  source: '1 drop = 1 °dH = 17.85 mg/L as CaCO3 on 5 mL of sample, usual for such kits',
  mark: 'C',
} as const
const asCalcium = { source: 'kits that count calcium itself', mark: 'C' } as const

/** Kits by what a drop stands for; which one is asked once and kept. */
export const dropKits = {
  'alkalinity-degrees': {
    name: 'Alkalinity (KH), degrees',
    kind: 'alkalinity',
    perDrop: degreeAsCaCO3,
    words: '1 drop = 1 °dH',
    ...degrees,
  },
  'hardness-degrees': {
    name: 'Total hardness (GH), degrees',
    kind: 'hardness',
    perDrop: degreeAsCaCO3,
    words: '1 drop = 1 °dH',
    ...degrees,
  },
  'calcium-degrees': {
    name: 'Calcium, as CaCO3 in degrees',
    kind: 'calciumHardness',
    perDrop: degreeAsCaCO3,
    words: '1 drop = 17.85 mg/L as CaCO3',
    ...degrees,
  },
  'calcium-10': {
    name: 'Calcium, 10 mg/L a drop',
    kind: 'calcium',
    perDrop: 10,
    words: '1 drop = 10 mg/L Ca',
    ...asCalcium,
  },
  'calcium-20': {
    name: 'Calcium, 20 mg/L a drop',
    kind: 'calcium',
    perDrop: 20,
    words: '1 drop = 20 mg/L Ca',
    ...asCalcium,
  },
} as const satisfies Readonly<Record<string, DropKit>>

export type DropKitName = keyof typeof dropKits
export const dropKitNames = Object.keys(dropKits) as readonly DropKitName[]

/** A vial compared with a printed column of colours. */
export interface ColourChart extends Sourced {
  readonly name: string
  readonly kind: ReadingKind
  /** Values of the column, in rising order, in the unit of the reading kind. */
  readonly steps: readonly number[]
  /** From the last reagent to the reading [min]. */
  readonly minutes: number
  /** Colour of each step on the drawn card; our own, in order of the steps. */
  readonly colours: readonly [first: string, last: string]
}

const usual = { source: 'steps and times usual for such kits', mark: 'C' } as const

export const colourCharts = {
  'nitrate-vial': {
    name: 'Nitrate, as NO3',
    kind: 'nitrate',
    steps: [0, 5, 10, 20, 40, 80, 160],
    minutes: 5,
    colours: ['#f3ecc8', '#b3263a'],
    ...usual,
  },
  'ammonium-vial': {
    name: 'Ammonium, as N',
    kind: 'ammonium',
    steps: [0, 0.25, 0.5, 1, 2, 4, 8],
    minutes: 5,
    colours: ['#f2ea9a', '#2f6b4b'],
    ...usual,
  },
  'iron-vial': {
    name: 'Iron',
    kind: 'ironInSolution',
    steps: [0, 0.25, 0.5, 1, 2, 3, 5],
    minutes: 10,
    colours: ['#f5efe6', '#c2452a'],
    ...usual,
  },
  'pH-vial': {
    name: 'pH, wide range',
    kind: 'pH',
    steps: [5, 5.5, 6, 6.5, 7, 7.5, 8, 8.5],
    minutes: 1,
    colours: ['#e0b23c', '#2d6f86'],
    ...usual,
  },
} as const satisfies Readonly<Record<string, ColourChart>>

export type ColourChartName = keyof typeof colourCharts
export const colourChartNames = Object.keys(colourCharts) as readonly ColourChartName[]

/** How to read a vial, shown while the countdown runs. */
export const vialReading =
  'Hold the vial against the white card, touching it, in daylight and not in sun; look from the front, at the right column.'
