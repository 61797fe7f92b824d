export { acidStepsDone, applicationsOf, contentsOf } from './applications.ts'
export type {
  AppliedEntry,
  AppliedJob,
  AppliedRemedy,
  AppliedStory,
  LabelledProduct,
} from './applications.ts'
export { questionsOfEntry } from './questions.ts'
export type { AskedEntry } from './questions.ts'
export { isOffRate, leftReasons, runOut, runOutFigures, shortReasons } from './run-out.ts'
export type { LeftReason, RunOut, ShortReason, TankEnd } from './run-out.ts'
export { standingEntries } from './standing-entries.ts'
export type { CorrectableEntry } from './standing-entries.ts'
