import type { FigureRange, Sourced } from '../../../base/reference/index.ts'

/** What dilute acid does on the soil. */
export const fizzes = ['none', 'slight', 'strong'] as const
export type Fizz = (typeof fizzes)[number]

type LimeRange = FigureRange & Sourced

/** Free lime that a fizz tells of [%]; without one it depends on the acid and the pH as well. */
export const limeByFizz: Readonly<Record<Exclude<Fizz, 'none'>, LimeRange>> = {
  slight: {
    low: 0.5,
    usual: 1.2,
    high: 2,
    source: 'a weak fizz that is seen and heard (soil survey manuals, from memory)',
    mark: 'M',
  },
  strong: {
    low: 2,
    usual: 5,
    high: 15,
    source: 'a strong fizz (soil survey manuals, from memory)',
    mark: 'M',
  },
}

const missed = (label: string, percent: number): Sourced & { label: string; percent: number } => ({
  label,
  percent,
  source: 'vinegar misses less than 1-2 % of lime, 1 M hydrochloric acid about 0.5 %, from memory',
  mark: 'M',
})
/** What was dripped, and the lime that goes unseen where nothing fizzes with it [%]. */
export const fizzAcids = {
  vinegar: missed('vinegar', 1.5),
  hydrochloric: missed('dilute hydrochloric acid', 0.5),
} as const
export type FizzAcid = keyof typeof fizzAcids
export const fizzAcidNames = Object.keys(fizzAcids) as readonly FizzAcid[]
/** What people drip who do not say what. */
export const usualFizzAcid: FizzAcid = 'vinegar'

/** How likely ground of a pH holds lime: nothing at the first, likely at the second, smooth between. */
export const limePresumption = {
  nothingAt: 6.8,
  likelyAt: 7.8,
  /** Where it is likely and nobody tried [%]. */
  usual: 0.6,
  high: 3,
  /** Below that even the smallest doubt stays [%]. */
  trace: 0.1,
  source: 'ground below pH 6.8 seldom holds free lime, from 7.8 on it mostly does',
  mark: 'J',
} as const
