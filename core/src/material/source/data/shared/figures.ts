import type { Figure } from '../../../../base/reference/index.ts'
import type { Share } from '../../facts/source.ts'

/** A retail price, about [money/kg]. */
export const retail = (low: number, usual: number, high: number): Share => ({
  low,
  usual,
  high,
  source: 'retail prices, about; the own bill replaces them',
  mark: 'J',
})
/** The same where only one figure is told. */
export const retailAbout = (usual: number): Share => retail(usual, usual, usual)

const density = (value: number, source: string, mark: Figure['mark']): Figure => ({
  value,
  unit: 'kg/L',
  source,
  mark,
})
/** 2 tbsp of chelate granules weigh about 1 oz: 28.35 g / 29.57 mL. */
export const spooned = density(0.9586, '2 tbsp ≈ 1 oz, common practice', 'D')
export const crystals = density(1, 'crystals, about; weigh a spoon', 'C')
export const liquid = density(1.2, 'liquid concentrates, about; see the label', 'C')
export const granules = (value: number) => density(value, 'granules, about; weigh a scoop', 'C')
export const poured = (value: number) => density(value, 'poured, about; weigh a scoop', 'C')
export const about = (value: number, what: string) => density(value, `${what}, about`, 'C')

const leafPractice = {
  source: 'what enters a leaf (common practice), as shares',
  mark: 'J',
} as const
/** Share of the iron on a leaf that gets in. */
export const entering = (low: number, usual: number, high: number): Share => ({
  low,
  usual,
  high,
  ...leafPractice,
})
export const smallMolecule = entering(0.7, 0.9, 1)
/** A big molecule stays outside. */
export const bigMolecule = entering(0.05, 0.15, 0.3)

/** What a loose complex holds on to, of which no constants are known. */
export const unproven = (low: number, usual: number, high: number): Share => ({
  low,
  usual,
  high,
  source: 'no constants are known; held by judgement, ask for evidence',
  mark: 'J',
})
/** A salt in a solution is rust within hours to days. */
export const saltInSolution: Share = {
  low: 0,
  usual: 0.02,
  high: 0.1,
  source: 'precipitates within hours to days (common practice)',
  mark: 'J',
}
/** Salts of small ions on a leaf, and in a solution of about pH 7 at most. */
export const smallIons = {
  entersLeaf: {
    low: 0.7,
    usual: 0.9,
    high: 1,
    source: 'salts of small ions enter a leaf (common practice), as shares',
    mark: 'J',
  },
  staysDissolved: {
    low: 0.6,
    usual: 0.85,
    high: 1,
    source: 'stays dissolved to about pH 7 (common practice), as shares',
    mark: 'J',
  },
} as const

/** From a handbook of solubilities, and from the data sheets of makers [g/L]. */
export const handbookSolubility = (gPerL: number) =>
  ({ gPerL, source: 'CRC Handbook, rounded down', mark: 'M' }) as const
export const makersSolubility = (gPerL: number) =>
  ({ gPerL, source: 'data sheets of chelate makers, rounded down', mark: 'M' }) as const
