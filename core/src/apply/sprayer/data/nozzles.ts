import {
  eachFrom,
  type Figure,
  type FigureRange,
  type Sourced,
} from '../../../base/reference/index.ts'

/** A size of nozzle of the international standard, by its flow at 40 psi. */
export interface NozzleSize extends Sourced {
  readonly id: string
  /** At 40 psi (2.76 bar), as the number says: 02 is 0.2 [US gal/min]. */
  readonly gallonsPerMin: number
  /** The colour that the standard gives it, in a word. */
  readonly colour: string
}

const standard = { source: 'ISO 10625, from memory', mark: 'M' } as const
const row = (id: string, gallonsPerMin: number, colour: string): NozzleSize => ({
  id,
  gallonsPerMin,
  colour,
  ...standard,
})

export const nozzleSizes: readonly NozzleSize[] = [
  row('01', 0.1, 'orange'),
  row('015', 0.15, 'green'),
  row('02', 0.2, 'yellow'),
  row('025', 0.25, 'lilac'),
  row('03', 0.3, 'blue'),
  row('04', 0.4, 'red'),
  row('05', 0.5, 'brown'),
  row('06', 0.6, 'grey'),
  row('08', 0.8, 'white'),
]

/** The pressure at which sizes are named [bar]: 40 psi. */
export const namingPressureBar: Figure = {
  value: 2.75790291727,
  unit: 'bar',
  source: '40 psi: definition',
  mark: 'D',
}

/** Pressure at which nozzles spread as they should, with what is usual at most [bar]: 20-65-90 psi. */
export const workingPressureBar: FigureRange & Sourced = {
  low: 1.4,
  usual: 4.5,
  high: 6,
  source: 'common practice for flat fans; the chart of the maker comes first',
  mark: 'C',
}

/** Speeds that people and machines hold over ground [km/h]. */
export const heldSpeedKmPerH = {
  low: 1.5,
  high: 20,
  source: 'from a slow walk to a tractor on even ground',
  mark: 'J',
} as const satisfies Sourced & { readonly low: number; readonly high: number }

/** Kinds of nozzle by how they make drops. */
export const nozzleKinds = eachFrom(
  {
    source: 'classes of drops coarser than a flat fan of the size, as makers chart them',
    mark: 'J',
  },
  {
    'flat-fan': { label: 'flat fan', coarser: 0 },
    'air-induction': { label: 'air induction', coarser: 2 },
    'hollow-cone': { label: 'hollow cone', coarser: -0.8 },
    flood: { label: 'flood', coarser: 2 },
  } as const,
)
export type NozzleKind = keyof typeof nozzleKinds
