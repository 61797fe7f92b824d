export { CreateTrialDto, RatePlotsDto, TrialDesignDto, TrialDto, trialScales } from './trial.dto.ts'
