export { changesFor } from './changes.ts'
export type { SeasonChange } from './changes.ts'
export { nextSeason } from './next-season.ts'
export type { FirstLook, NextSeason, SeasonNeed } from './next-season.ts'
export type { SeasonCase, SeasonCheck, SeasonEntry, SeasonRecord } from './season-record.ts'
export { reviewSeason } from './season-review.ts'
export type {
  ExpectedAnswer,
  PerDay,
  SeasonAsked,
  SeasonReview,
  Spent,
  StandReview,
} from './season-review.ts'
export type { SourceWorth, TreatmentWorth } from './treatment-worth.ts'
