export {
  analyseDates,
  analyseDay,
  analyseSeason,
  treatmentMeansByDay,
  demonstrationWarning,
} from './analyse-trial.ts'
export type { Comparison, Rating, TreatmentPoint, TrialAnalysis } from './analyse-trial.ts'
export { planTrial, treatmentName, treatmentsOf, trialLayouts, walkingOrder } from './plan-trial.ts'
export type { Factor, Plot, TrialDesign, TrialLayout } from './plan-trial.ts'
