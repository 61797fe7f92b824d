export { analyseVariance, rowOf } from './anova.ts'
export type { AnovaRow, Observation, Term } from './anova.ts'
export { meanUnderCurve } from './area-under-curve.ts'
export { comparePairs, lettersOf } from './compare-means.ts'
export type { ErrorOfMeans, GroupMean, MeanDifference } from './compare-means.ts'
export { curveDeviation, deviationsFor, fitCurve } from './fit-curve.ts'
export type { CurveFit, CurveToFit } from './fit-curve.ts'
export { learnChance } from './learn-chance.ts'
export type { ChanceBefore, HappenedOnce, HeldChance, LearntChance } from './learn-chance.ts'
export { learnMean } from './learn-mean.ts'
export { learnLines } from './learn-lines.ts'
export type { LearntLines, LinesBefore, SeenAt } from './learn-lines.ts'
export { learntOf } from './learnt-mean.ts'
export type { SeenOnce, ThoughtBefore } from './learn-mean.ts'
export type { LearntGroup, LearntMean } from './learnt-mean.ts'
export { mixedModel, weighMixedModel } from './mixed-model.ts'
export type {
  Contrast,
  Estimate,
  MixedModel,
  MixedSolver,
  RandomTerm,
  SolvedModel,
  WeighedModel,
} from './mixed-model.ts'
export { normalBelow } from './normal-below.ts'
export { powerOf, replicatesFor } from './power.ts'
export type { PowerQuestion } from './power.ts'
