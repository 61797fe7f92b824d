export {
  CreateTrialDto,
  FactorDto,
  PlotRatingDto,
  RatePlotsDto,
  RatingDto,
  TrialDesignDto,
  TrialDto,
  trialScales,
} from './trial.dto.ts'
