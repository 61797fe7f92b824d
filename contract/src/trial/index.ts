export { CreateTrialDto, RatePlotsDto, TrialDesignDto, TrialDto, trialScales } from './trial.dto.ts'
export { trialRoutes } from './trial.routes.ts'
