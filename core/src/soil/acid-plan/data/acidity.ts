import type { FigureRange, Sourced } from '../../../base/reference/index.ts'
import type { SourceId } from '../../../material/source/index.ts'

/** How an amendment comes to act. */
export type Action = 'sulfur' | 'ammonium' | 'quick' | 'slow' | 'lime'

/** What a kilogram of an amendment does to pH. */
export interface Acidity extends Sourced {
  readonly sourceId: SourceId
  readonly action: Action
  /** Acid of a kilogram as bought [mol H⁺/kg]; below 0 for lime. */
  readonly molPerKg: FigureRange
  /** Diameter of a grain, for sulfur [µm]. */
  readonly grainUm?: number
  /** Kilograms that practice takes in place of one of sulfur. */
  readonly practicePerSulfur?: readonly [low: number, high: number]
  /** How fast, in words. */
  readonly speed: string
  readonly remark: string
}

/** Acid of a kilogram of sulfur: two protons an atom of 32.06 [mol H⁺/kg]. */
export const molPerKgSulfur = 2000 / 32.06
/** Pure lime that takes a mole of acid [kg]. */
export const kgLimePerMol = 100.087 / 2000
/** Lime that a kilogram of sulfur neutralises [kg]. */
export const limePerSulfur = molPerKgSulfur * kgLimePerMol

const same = (usual: number): FigureRange => ({ low: usual, usual, high: usual })
/** Two moles of acid a mole of CaCO3 at 5.35 and 1.8 kg CaCO3 for a kilogram of nitrogen. */
const pierreAmmonium = 5.35 / kgLimePerMol
const pierreUrea = 1.8 / kgLimePerMol
const fullPerN = 2000 / 14.007
const between = (low: number, high: number): FigureRange => ({
  low,
  usual: (low + high) / 2,
  high,
})

export const acidities: readonly Acidity[] = [
  {
    sourceId: 'sulfur-flour',
    action: 'sulfur',
    molPerKg: same(0.99 * molPerKgSulfur),
    grainUm: 75,
    speed: 'half of it within a season of warm ground',
    remark: 'Dust: it irritates and can burn or explode.',
    source: 'S → H₂SO₄; 99 % pure',
    mark: 'D',
  },
  {
    sourceId: 'sulfur-granules',
    action: 'sulfur',
    molPerKg: same(0.9 * molPerKgSulfur),
    grainUm: 150,
    speed: 'a year and more',
    remark: 'Clay in them swells and lets them fall apart when wet; spreads without dust.',
    source: 'S → H₂SO₄; 90 % sulfur, 10 % clay',
    mark: 'D',
  },
  {
    sourceId: 'sulfur-prills',
    action: 'sulfur',
    molPerKg: same(0.95 * molPerKgSulfur),
    grainUm: 1000,
    speed: 'years: a tenth in the first',
    remark: 'Cheap and slow; most of it still lies there at the first retest.',
    source: 'S → H₂SO₄; 95 % pure',
    mark: 'D',
  },
  {
    sourceId: 'ferrous-sulfate',
    action: 'quick',
    molPerKg: same(2000 / 278.01),
    practicePerSulfur: [5, 8],
    speed: 'weeks',
    remark: 'Brings iron. Dear, salty, and it stains; by the formula it takes 8.7 kg for one.',
    source: 'FeSO₄·7H₂O gives two protons when its iron rusts',
    mark: 'D',
  },
  {
    sourceId: 'aluminium-sulfate',
    action: 'quick',
    molPerKg: between(6000 / 666.42, 6000 / 594.36),
    practicePerSulfur: [6, 7],
    speed: 'at once',
    remark: 'Aluminium harms roots in acid ground: many will not use it.',
    source: 'Al₂(SO₄)₃ with 14 to 18 water gives six protons',
    mark: 'D',
  },
  {
    sourceId: 'ammonium-sulfate',
    action: 'ammonium',
    molPerKg: between(pierreAmmonium * 0.21, fullPerN * 0.21),
    speed: 'weeks in warm ground',
    remark: 'Only as much as the nitrogen budget allows.',
    source: 'Pierre 1933: 5.35 kg CaCO3 for a kilogram N; full nitrification is the upper bound',
    mark: 'P',
  },
  {
    sourceId: 'urea',
    action: 'ammonium',
    molPerKg: between(pierreUrea * 0.46, (fullPerN / 2) * 0.46),
    speed: 'weeks in warm ground',
    remark: 'A third of the acid of ammonium sulfate for the same nitrogen.',
    source: 'Pierre 1933: 1.8 kg CaCO3 for a kilogram N; full nitrification is the upper bound',
    mark: 'P',
  },
  {
    sourceId: 'peat-moss',
    action: 'quick',
    molPerKg: { low: 0.2, usual: 0.4, high: 0.7 },
    speed: 'at once, for a year or two',
    remark:
      'Worked in; as a cover it dries out and does little. It rots away, and its acid with it.',
    source: 'peat of pH 3.5 to 4.5 takes about 0.2 mol base a kilogram and pH up to the soil’s',
    mark: 'J',
  },
  {
    sourceId: 'needle-mulch',
    action: 'slow',
    molPerKg: { low: 0, usual: 0.03, high: 0.1 },
    speed: 'years',
    remark: 'Hardly moves mineral soil: keeps acid ground acid. Some say it acidifies over years.',
    source: 'fresh litter is acid, but its ash is lime; what is left over is near nothing',
    mark: 'J',
  },
  {
    sourceId: 'limestone',
    action: 'lime',
    molPerKg: { low: -0.8 / kgLimePerMol, usual: -0.9 / kgLimePerMol, high: -1 / kgLimePerMol },
    speed: 'months when fine',
    remark: 'Over-limed ground locks up iron and manganese: in moderation, in steps.',
    source: 'CaCO₃ takes two protons; 80 to 100 % of it counts',
    mark: 'C',
  },
]
