import type { FigureRange, Sourced } from '../../reference/index.ts'

/** Share of the yield lost for each step of the chlorosis score of 1 to 5 beyond 1. */
export const lossPerScore: FigureRange & Sourced = {
  low: 0.12,
  usual: 0.2,
  high: 0.25,
  source:
    'Froehlich & Fehr 1981, Agron. J. 73:465: about a fifth of the yield of soybean a score; other crops read across',
  mark: 'M',
}
/** Share of the score beyond 1 that a full rate of chelate in the furrow takes away. */
export const chelateEffect: FigureRange & Sourced = {
  low: 0.3,
  usual: 0.55,
  high: 0.75,
  source:
    'strong ortho-ortho chelate in the furrow (common practice: greener, seldom wholly green); the shares are our judgement',
  mark: 'J',
}
/** Rate of a full dose in the furrow [kg/ha of product]. */
export const fullFurrowRate: { readonly value: number } & Sourced = {
  value: 3.4,
  source: '3 lb/acre of product, as labels of furrow chelates go',
  mark: 'C',
}
