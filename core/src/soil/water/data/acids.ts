import type { Sourced } from '../../../base/reference/index.ts'

/** An acid that water is brought down with. */
export interface Acid extends Sourced {
  readonly id: string
  readonly name: string
  /** Liquids: what a litre holds [mol/L]. */
  readonly molPerL?: number
  /** Powders: what a mole weighs [g/mol]. */
  readonly gramPerMol?: number
  /** pK of each proton at 25 °C; one so strong that all of it is given stands as -3. */
  readonly pKs: readonly number[]
  /** What it brings besides, by mass of a mole [g/mol]. */
  readonly brings: Readonly<Partial<Record<'S' | 'P' | 'N', number>>>
  readonly caution: string
}

const strengths = { source: 'CRC Handbook: density × share ÷ molar mass', mark: 'M' } as const
const liquid =
  'Acid into water, never water into acid. Goggles, apron, gloves, eyewash at hand; trained hands only.'

export const acids: readonly Acid[] = [
  {
    id: 'citric',
    name: 'citric acid, powder',
    gramPerMol: 192.12,
    pKs: [3.128, 4.761, 6.396],
    brings: {},
    caution: 'Goggles and gloves: the dust stings eyes. Into the water, a little at a time.',
    source: 'CRC Handbook: pK of citric acid',
    mark: 'M',
  },
  {
    id: 'sulfuric-35',
    name: 'sulfuric acid 35 %',
    molPerL: 4.5,
    pKs: [-3, 1.99],
    brings: { S: 32.06 },
    caution: liquid,
    ...strengths,
  },
  {
    id: 'sulfuric-93',
    name: 'sulfuric acid 93 %',
    molPerL: 17.35,
    pKs: [-3, 1.99],
    brings: { S: 32.06 },
    caution: `${liquid} It boils where water touches it.`,
    ...strengths,
  },
  {
    id: 'phosphoric-75',
    name: 'phosphoric acid 75 %',
    molPerL: 12.09,
    pKs: [2.148, 7.198, 12.35],
    brings: { P: 30.97 },
    caution: `${liquid} Phosphate precipitates iron salts: only where iron is chelated.`,
    ...strengths,
  },
  {
    id: 'phosphoric-85',
    name: 'phosphoric acid 85 %',
    molPerL: 14.62,
    pKs: [2.148, 7.198, 12.35],
    brings: { P: 30.97 },
    caution: `${liquid} Phosphate precipitates iron salts: only where iron is chelated.`,
    ...strengths,
  },
  {
    id: 'nitric-67',
    name: 'nitric acid 67 %',
    molPerL: 14.89,
    pKs: [-3],
    brings: { N: 14.007 },
    caution: `${liquid} Its fumes choke: outdoors only.`,
    ...strengths,
  },
]
