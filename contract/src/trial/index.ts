export {
  CreateTrialDto,
  RatePlotsDto,
  RatingForm,
  TrialDesignDto,
  TrialDto,
  TrialNotesForm,
  trialScales,
} from './trial.dto.ts'
export { trialRoutes } from './trial.routes.ts'
