import type { Sourced } from '../../../base/reference/index.ts'

/** Nutrients of a guaranteed analysis, as labels name them. */
export const nutrients = ['N', 'P2O5', 'K2O', 'Ca', 'Mg', 'S', 'Fe', 'Mn', 'Zn', 'Cu', 'B'] as const
export type Nutrient = (typeof nutrients)[number]

/** What carries the other nutrients of a label. */
export interface Carrier extends Sourced {
  readonly id: string
  readonly name: string
  /** Nutrients by mass [1]. */
  readonly contents: Readonly<Partial<Record<Nutrient, number>>>
  readonly labelNames: readonly string[]
}

const formula = { source: 'formula masses of IUPAC', mark: 'D' } as const
const trade = { source: 'trade grade', mark: 'C' } as const

/**
 * Compact carriers of each nutrient: where a label does not say which, these leave the iron the
 * most room.
 */
export const carriers: readonly Carrier[] = [
  { id: 'urea', name: 'urea', contents: { N: 0.46 }, labelNames: ['urea'], ...trade },
  {
    id: 'ammonium-sulfate',
    name: 'ammonium sulfate',
    contents: { N: 0.212, S: 0.2426 },
    labelNames: ['ammonium sulfate', 'ammonium sulphate'],
    ...formula,
  },
  {
    id: 'ammonium-nitrate',
    name: 'ammonium nitrate',
    contents: { N: 0.35 },
    labelNames: ['ammonium nitrate'],
    ...formula,
  },
  {
    id: 'potassium-nitrate',
    name: 'potassium nitrate',
    contents: { N: 0.1385, K2O: 0.4658 },
    labelNames: ['potassium nitrate'],
    ...formula,
  },
  {
    id: 'potassium-sulfate',
    name: 'potassium sulfate',
    contents: { K2O: 0.5405, S: 0.184 },
    labelNames: ['potassium sulfate', 'sulfate of potash', 'potassium sulphate'],
    ...formula,
  },
  {
    id: 'potassium-chloride',
    name: 'potassium chloride',
    contents: { K2O: 0.6318 },
    labelNames: ['potassium chloride', 'muriate of potash'],
    ...formula,
  },
  {
    id: 'ammonium-phosphate',
    name: 'monoammonium phosphate',
    contents: { N: 0.1218, P2O5: 0.617 },
    labelNames: ['monoammonium phosphate', 'ammonium phosphate'],
    ...formula,
  },
  {
    id: 'potassium-phosphate',
    name: 'monopotassium phosphate',
    contents: { P2O5: 0.5215, K2O: 0.3461 },
    labelNames: ['monopotassium phosphate', 'potassium phosphate'],
    ...formula,
  },
  {
    id: 'calcium-nitrate',
    name: 'calcium nitrate',
    contents: { N: 0.155, Ca: 0.19 },
    labelNames: ['calcium nitrate'],
    ...trade,
  },
  {
    id: 'magnesium-sulfate',
    name: 'magnesium sulfate',
    contents: { Mg: 0.2019, S: 0.2664 },
    labelNames: ['magnesium sulfate', 'magnesium sulphate', 'kieserite'],
    ...formula,
  },
  {
    id: 'epsom-salt',
    name: 'Epsom salt',
    contents: { Mg: 0.0986, S: 0.1301 },
    labelNames: ['epsom'],
    ...formula,
  },
  {
    id: 'manganese-sulfate',
    name: 'manganese sulfate',
    contents: { Mn: 0.325, S: 0.1897 },
    labelNames: ['manganese sulfate', 'manganese sulphate'],
    ...formula,
  },
  {
    id: 'zinc-sulfate',
    name: 'zinc sulfate',
    contents: { Zn: 0.3643, S: 0.1786 },
    labelNames: ['zinc sulfate', 'zinc sulphate'],
    ...formula,
  },
  {
    id: 'copper-sulfate',
    name: 'copper sulfate',
    contents: { Cu: 0.2545, S: 0.1284 },
    labelNames: ['copper sulfate', 'copper sulphate'],
    ...formula,
  },
  {
    id: 'boric-acid',
    name: 'boric acid or borate',
    contents: { B: 0.1748 },
    labelNames: ['boric acid', 'borate', 'borax'],
    ...formula,
  },
  {
    id: 'sulfur',
    name: 'elemental sulfur',
    contents: { S: 1 },
    labelNames: ['elemental sulfur', 'sulfur', 'elemental sulphur'],
    ...formula,
  },
]
