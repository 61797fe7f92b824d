import type { Figure, FigureRange, Sourced } from '../../../base/reference/index.ts'

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
/** Share of the yield that is left however pale the crop. */
export const leastYield: Figure = {
  value: 0.05,
  unit: '',
  source: 'dying rows still ripen a few pods',
  mark: 'J',
}
/** How rates below the full one work: what they lack counts to this power. */
export const rateCurve: Figure = {
  value: 2,
  unit: '',
  source: 'each kilogram does less than the one before: half the rate does three quarters',
  mark: 'J',
}
/** Share of the margin by which two choices may differ and still be as good as each other. */
export const asGoodWithin: Figure = {
  value: 0.05,
  unit: '',
  source: 'less than a field trial tells apart',
  mark: 'J',
}
/** Rate of a full dose of product in the furrow. */
export const fullFurrowRate: Figure = {
  value: 3.4,
  unit: 'kg/ha',
  source: '3 lb/acre of product, as labels of furrow chelates go',
  mark: 'C',
}
