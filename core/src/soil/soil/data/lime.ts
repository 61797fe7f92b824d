import type { FigureRange, Sourced } from '../../../base/reference/index.ts'

/** What dilute acid does on the soil. */
export const fizzes = ['none', 'slight', 'strong'] as const
export type Fizz = (typeof fizzes)[number]

type LimeRange = FigureRange & Sourced

/** Free lime that a fizz tells of [%]. */
export const limeByFizz: Readonly<Record<Fizz, LimeRange>> = {
  none: {
    low: 0,
    usual: 0,
    high: 0.1,
    source:
      'eye and ear miss traces; in most ground without a fizz there is none (common practice)',
    mark: 'C',
  },
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

/** pH from which ground nobody tested is taken to hold some lime. */
export const limyFromPH = 7.3
/** Free lime where nobody measured or tried acid [%]. */
export const limeUntested: Readonly<Record<'below' | 'above', LimeRange>> = {
  below: {
    low: 0,
    usual: 0,
    high: 0.1,
    source: 'ground below pH 7.3 seldom holds free lime (common practice)',
    mark: 'C',
  },
  above: {
    low: 0,
    usual: 0.3,
    high: 2,
    source: 'ground above pH 7.3 often holds free lime; untested, nobody knows',
    mark: 'J',
  },
}
