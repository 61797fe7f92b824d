import {
  analyseDates,
  analyseDay,
  analyseSeason,
  type Plot,
  type Rating,
  type TrialAnalysis,
  type TrialDesign,
} from '@spudder/core/outcome/trial'

/** What is asked of a trial: one of its days, or the season as a whole. */
export interface AnalysisQuestion {
  readonly design: TrialDesign
  readonly plots: readonly Plot[]
  readonly ratings: readonly Rating[]
  readonly day: string | 'season'
}

export interface AnalysisAnswer {
  readonly analysis: TrialAnalysis
  /** Dates as what splits the plots; only over the season. */
  readonly dates: TrialAnalysis['table']
}

/** Answers a question; the tables of the studentised range take a while, so it runs in a worker. */
export function analyse(question: AnalysisQuestion): AnalysisAnswer {
  const { design, plots, ratings, day } = question
  return day === 'season'
    ? {
        analysis: analyseSeason(design, plots, ratings),
        dates: analyseDates(design, plots, ratings),
      }
    : { analysis: analyseDay(design, plots, ratings, day), dates: [] }
}
